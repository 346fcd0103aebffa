// Look backs that were written up, folded away below; and the way to write up what is shown.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { DaySpan } from '@/core/lookBack'
import { writtenBackId } from '@/core/record'
import { lookBackOf } from '@/state/read/lookBack'
import { select, type OnDemand } from '@/state'
import { Button, Column } from '@/ui'
import { useOnDemand } from '@/held/reader'
import { useSide } from '@/held/side'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { count } from '@/words'
import { nameOfRecord } from '@/words/names'
import { writtenBack } from '@/words/report'
import { useReads } from '../reads'

interface WriteUpProps {
  readonly span: DaySpan
  /** "March 2026" */
  readonly title: string
}

/** Of everything in the span, whatever filter is set: a page is kept longer than one. */
export function WriteUp({ span: { from, to }, title }: WriteUpProps) {
  const act = useAct()
  const { clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const { reviews } = useReads()
  const [side] = useSide()
  const { open } = useOpened()
  const id = writtenBackId(from, to)
  const page = recordIn(document, id)
  const isThere = page !== undefined && page.letGoAtEpochMs === null
  const write = () => {
    const zone = clock.zone()
    const { weekStartsOn } = select.settingsOf(document)
    const back = lookBackOf(document, { from, to }, { zone, side, grouping: 'area', weekStartsOn })
    const groups = back.groups.map(({ key, minutes }) => ({
      name: key === '' ? 'No area' : nameOfRecord(document, key),
      minutes,
    }))
    const finished = reviews.finishedIn(document, { from, to }, zone, side).map(({ project, closedOn }) => ({
      title: project.title,
      on: closedOn,
    }))
    const note = writtenBack({ back, groups, finished, today })
    const begun = act('writeLookBack', { from, to, title: `Look back: ${title}`, note }, { say: false })
    if (begun.ok) open(id)
  }
  return (
    <Button
      kind="quiet"
      label={isThere ? 'Open what you wrote' : 'Write it up'}
      onPress={isThere ? () => open(id) : write}
    />
  )
}

export function Written() {
  const notes = useOnDemand()?.notes
  return notes ? <All notes={notes} /> : null
}

function All({ notes }: { notes: OnDemand['notes'] }) {
  const [isOpen, setOpen] = useState(false)
  const { open } = useOpened()
  const all = notes.writtenBacksOf(useHeldDocument())
  if (all.length === 0) return null
  return (
    <Column render="section" aria-label="Written up" className="no-print">
      <Button
        kind="quiet"
        alignSelf="flex-start"
        label={count(all.length, 'look back') + ' written up'}
        aria-expanded={isOpen}
        onPress={() => setOpen(!isOpen)}
      />
      {isOpen ? (
        <ul aria-label="Look backs written up">
          {all.map(({ id, title }) => (
            <li key={id} className="group-line">
              <button type="button" className="group-open" data-row onClick={() => open(id)}>
                <span className="group-name">
                  <span className="group-title">{title}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </Column>
  )
}
