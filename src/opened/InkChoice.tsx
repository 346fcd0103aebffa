import { inkCount } from '@/core/record'
import { areaInks, Column, Press, Row } from '@/ui'

/** One of the twelve inks. */
export function InkChoice({ ink: chosen, onChoose }: { ink: number; onChoose: (ink: number) => void }) {
  return (
    <Row gap="$1" flexWrap="wrap" role="radiogroup" aria-label="Ink">
      {Array.from({ length: inkCount }, (_, ink) => (
        <Press
          key={ink}
          role="radio"
          aria-checked={ink === chosen}
          aria-label={`Ink ${ink + 1}`}
          justifyContent="center"
          width={44}
          onPress={() => onChoose(ink)}
          borderWidth={2}
          borderColor={ink === chosen ? '$brass' : 'transparent'}
        >
          <Column width={24} height={24} borderRadius={6} backgroundColor={areaInks[ink] as '#5B4A8A'} />
        </Press>
      ))}
    </Row>
  )
}
