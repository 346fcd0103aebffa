import { areasToLookThrough } from '@/state/read/roundLists'
import { Button, Column, Press, Row, Seal, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { count, nearDate, shortened } from '@/words'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

/** Areas whose day to be looked through has come. */
export function AreasStone() {
  const act = useAct()
  const seen = useSeen()
  const { open } = useOpened()
  const areas = areasToLookThrough(useHeldDocument(), seen)
  return (
    <Column gap="$2.5">
      <StoneHead
        title={
          areas.length === 0
            ? 'No area is due to be looked through'
            : `${count(areas.length, 'area')} to look through`
        }
        says={areas.length === 0 ? undefined : 'What is missing in it? What can go?'}
      />
      <Column render="ul" aria-label="Areas to look through">
        {areas.map(({ id, name, letters, ink, lookedOn }) => (
          <Row key={id} render="li" gap="$2" borderBottomWidth={1} borderColor="$rule" minHeight={60}>
            <Press flex={1} minWidth={0} gap="$3" minHeight={56} onPress={() => open(id)} data-row>
              <Seal letters={letters} ink={ink} />
              <Column flex={1} minWidth={0}>
                <Words>{name}</Words>
                <Words size="second" tone="inkSoft">
                  {lookedOn ? `looked through ${nearDate(lookedOn, seen.today)}` : 'not looked through yet'}
                </Words>
              </Column>
            </Press>
            <Button
              label="Done"
              aria-label={`Done: ${shortened(name)}`}
              onPress={() =>
                act(
                  'editArea',
                  { id, patch: { lookedOn: seen.today } },
                  { say: `Looked through: ${shortened(name)}` },
                )
              }
            />
          </Row>
        ))}
      </Column>
    </Column>
  )
}
