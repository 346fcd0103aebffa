// Several references, or several things to read, chosen together.
import { recordIn } from '@/core/journal'
import { isIdOf, type Id, type Reading, type Reference } from '@/core/record'
import { Button } from '@/ui'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { count } from '@/words'
import { ChosenPane, leaveAfter, useLeaveEmpty } from './ChosenPane'
import { useKeysOnAll } from './useKeysOnAll'

export function ChosenKept({ ids }: { ids: readonly (Id<'reading'> | Id<'reference'>)[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const kept = ids
    .map((id) => recordIn(document, id as Id<'reference'>) as Reading | Reference | undefined)
    .filter((each): each is Reading | Reference => each?.letGoAtEpochMs === null)
  useKeysOnAll({})
  useLeaveEmpty(kept.length === 0)
  const [first, ...others] = kept
  if (!first) return null
  const all = kept.map(({ id }) => id)
  const readings = all.filter((id) => isIdOf('reading', id))
  const together = count(kept.length, ...wordsFor(readings.length > 0))
  const isShared = others.every(
    ({ projectId, areaId }) => projectId === first.projectId && areaId === first.areaId,
  )
  const { projectId, areaId } = isShared ? first : { projectId: null, areaId: null }
  return (
    <ChosenPane
      together={together}
      acts={
        <>
          <Button kind="quiet" label="For" aria-haspopup="dialog" onPress={() => chooser.choose('shelf')} />
          <Button
            kind="quiet"
            label="Let go"
            onPress={() => leaveAfter(act('removeKept', { ids: all }, { say: `Let go: ${together}` }))}
          />
        </>
      }
      main={
        readings.length > 0 ? (
          <Button
            kind="main"
            label="Finish them"
            flexShrink={0}
            onPress={() =>
              leaveAfter(
                act('setReadings', { ids: readings, state: 'finished' }, { say: `Finished: ${together}` }),
              )
            }
          />
        ) : null
      }
    >
      <OpenedChooser
        chooser={chooser}
        of={sayableOf({ title: '', projectId, areaId }, today)}
        onSet={(patch) =>
          act(
            'shelveKept',
            { ids: all, projectId: patch.projectId ?? null, areaId: patch.areaId ?? null },
            { say: `Changed: ${together}` },
          )
        }
      />
    </ChosenPane>
  )
}

const wordsFor = (isReading: boolean): [one: string, many: string] =>
  isReading ? ['thing to read', 'things to read'] : ['reference', 'references']
