// A slip much like an open action or another slip: the duplicate is shown beside it, and the two become one by one act.
import { recordIn } from '@/core/journal'
import { isIdOf, type Action, type Slip } from '@/core/record'
import { select } from '@/state'
import { Button, Column, Row, Words } from '@/ui'
import { useSlipsSaid } from '@/parts/capture/useSlipsSaid'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { momentWords, shortened } from '@/words'
import { useDuplicates } from './useDuplicates'

/** What a duplicate is and where it stands: the shelf of an action, the day a slip was set down. */
function useWhat(): (duplicate: Action | Slip) => string {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  return (duplicate) => {
    if ('text' in duplicate)
      return `a slip, added ${momentWords(duplicate.setDownAtEpochMs, clock.zone(), today)}`
    const project = duplicate.projectId ? recordIn(document, duplicate.projectId)?.title : undefined
    const shelf = project ?? select.areaOf(document, duplicate)?.name
    return shelf ? `an action of ${shelf}` : 'an action'
  }
}

export function DuplicateBeside({ slip, title }: { slip: Slip; title: string }) {
  const act = useAct()
  const document = useHeldDocument()
  const { draftOf } = useSlipsSaid()
  const whatOf = useWhat()
  const [duplicate] = useDuplicates(slip, title, 1)
  const record = duplicate ? (recordIn(document, duplicate.id) as Action | Slip | undefined) : undefined
  if (!duplicate || !record) return null
  const called = shortened('text' in record ? record.text : record.title)
  const merge = () => {
    const say = { say: `Merged: ${called}` }
    if (isIdOf('action', duplicate.id))
      act('mergeIntoAction', { slipId: slip.id, actionId: duplicate.id, fields: draftOf(slip) }, say)
    else act('joinSlips', { ids: [slip.id, duplicate.id] }, say)
  }
  return (
    <Row
      role="group"
      aria-label="Much like it"
      gap="$2"
      justifyContent="space-between"
      borderTopWidth={1}
      borderColor="$rule"
      paddingTop="$1"
      marginBottom="$-2"
    >
      <Column flexShrink={1} minWidth={0} paddingVertical="$1">
        <Words size="second" tone="inkSoft" oneLine>
          Much like {whatOf(record)}
        </Words>
        <Words size="second" oneLine>
          {called}
        </Words>
      </Column>
      <Button kind="quiet" label="Merge" flexShrink={0} aria-label={`Merge with ${called}`} onPress={merge} />
    </Row>
  )
}
