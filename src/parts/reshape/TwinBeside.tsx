// A slip much like an open action or another slip: the twin is shown beside it, and the two become one by one act.
import { useMemo } from 'react'
import { recordIn } from '@/core/journal'
import { isIdOf, type Action, type Slip } from '@/core/record'
import { select } from '@/state'
import { twinsOf, type Twin } from '@/state/twins'
import { Button, Row, Words } from '@/ui'
import { useSlipReader } from '@/parts/capture/useSentence'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { momentWords, shortened } from '@/words'

/** Where a twin stands: the shelf of an action, the day a slip was set down. */
function useWhere(): (twin: Action | Slip) => string {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  return (twin) => {
    if ('text' in twin) return `set down ${momentWords(twin.setDownAtEpochMs, clock.zone(), today)}`
    const project = twin.projectId ? recordIn(document, twin.projectId)?.title : undefined
    return project ?? select.areaOf(document, twin)?.name ?? 'an open action'
  }
}

export function TwinBeside({ slip, title }: { slip: Slip; title: string }) {
  const act = useAct()
  const document = useHeldDocument()
  const draftOf = useSlipReader()
  const whereOf = useWhere()
  const [twin] = useMemo<readonly Twin[]>(() => twinsOf(document, slip, title, 1), [document, slip, title])
  const record = twin ? (recordIn(document, twin.id) as Action | Slip | undefined) : undefined
  if (!twin || !record) return null
  const called = shortened('text' in record ? record.text : record.title)
  const merge = () => {
    const say = { say: `Merged: ${called}` }
    if (isIdOf('action', twin.id))
      act('mergeIntoAction', { slipId: slip.id, actionId: twin.id, fields: draftOf(slip) }, say)
    else act('joinSlips', { ids: [slip.id, twin.id] }, say)
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
      <Words size="second" tone="inkSoft" flexShrink={1} className="clamped two">
        Much like “{called}”, {whereOf(record)}
      </Words>
      <Button kind="quiet" label="Merge" flexShrink={0} aria-label={`Merge with ${called}`} onPress={merge} />
    </Row>
  )
}
