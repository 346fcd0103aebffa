// The seal of a shelf: one or two letters or an emoji, in one of twelve inks.
import { inkCount } from '@/core/record'
import type { Outcome, RunOptions } from '@/state'
import { areaInks, Column, Press, Row, Seal } from '@/ui'
import { EditText } from '@/parts/text/EditText'

interface SealChooserProps {
  readonly of: { readonly id: string; readonly letters: string; readonly ink: number }
  /** Said where it may be empty: whose seal it bears then. */
  readonly orElse?: string
  readonly onSeal: (patch: { letters?: string; ink?: number }, typing?: RunOptions) => Outcome
}

export function SealChooser({ of, orElse, onSeal }: SealChooserProps) {
  return (
    <Column gap="$3">
      <Row gap="$3">
        <Seal letters={of.letters || null} ink={of.ink} size={44} />
        <Column flex={1} maxWidth={orElse ? 260 : 140}>
          <EditText
            name={`${of.id} letters`}
            label="Letters of the seal"
            shown
            value={of.letters}
            onKeep={(letters, typing) => onSeal({ letters }, typing)}
            {...(orElse ? { placeholder: orElse } : { needed: 'One or two letters, or an emoji.' })}
          />
        </Column>
      </Row>
      <Row gap="$1" flexWrap="wrap" role="radiogroup" aria-label="Ink">
        {Array.from({ length: inkCount }, (_, ink) => (
          <Press
            key={ink}
            role="radio"
            aria-checked={ink === of.ink}
            aria-label={`Ink ${ink + 1}`}
            justifyContent="center"
            width={44}
            onPress={() => onSeal({ ink })}
            borderWidth={2}
            borderColor={ink === of.ink ? '$brass' : 'transparent'}
          >
            <Column width={24} height={24} borderRadius={6} backgroundColor={areaInks[ink] as '#5B4A8A'} />
          </Press>
        ))}
      </Row>
    </Column>
  )
}
