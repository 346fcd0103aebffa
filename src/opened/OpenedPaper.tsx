// What is opened, on paper: its title, all that is set, its note, steps, checklists and remarks.
import type { ReactNode } from 'react'
import { createPortal } from 'react-dom'
import { recordIn } from '@/core/journal'
import {
  isIdOf,
  type Action,
  type Checklist,
  type NoteOwnerId,
  type OwnerId,
  type Project,
} from '@/core/record'
import { outlineOf } from '@/core/steps'
import { lists, owned } from '@/state'
import { useOnDemand } from '@/held/reader'
import { usePrinting } from '@/held/usePrinting'
import type { OpenableId } from '@/held/useOpened'
import { useHeldDocument, useToday } from '@/held/zen'
import { NoteText } from '@/parts/note/NoteText'
import { useTurning } from '@/parts/note/useTurning'
import { nearDate, nameOfRecord, saidOf, saidOfProject } from '@/words'
import { useOpenedTitle } from './useOpenedTitle'

export function OpenedPaper({ id }: { id: OpenableId }) {
  const isPrinting = usePrinting()
  const root = document.getElementById('root')
  return isPrinting && root ? createPortal(<Paper id={id} />, root) : null
}

function Paper({ id }: { id: OpenableId }) {
  const held = useHeldDocument()
  const today = useToday()
  const later = useOnDemand()
  const turning = useTurning()
  const title = useOpenedTitle(id)
  const record = recordIn(held, id)
  const owner = id as OwnerId
  const note = later?.notes.noteIn(held, id as NoteOwnerId) ?? ''
  const page = turning && note !== '' ? turning.pageOf(note) : null
  const remarks = owned.remarksOf(held, owner)
  const checklists =
    later && (isIdOf('action', id) || isIdOf('project', id)) ? later.checklists.checklistsIn(held, id) : []
  const said = saidOn(record as Action | Project | undefined)
  function saidOn(of: Action | Project | undefined): string {
    if (!of) return ''
    if (isIdOf('action', of.id))
      return saidOf(of as Action, held, today)
        .map(({ words }) => words)
        .join(' · ')
    if (isIdOf('project', of.id))
      return saidOfProject(of as Project, held, today)
        .map(({ words }) => words)
        .join(' · ')
    return ''
  }
  return (
    <article className="on-paper">
      <h1>{title}</h1>
      {said === '' ? null : <p className="paper-load">{said}</p>}
      {page && later ? (
        <div className="note">
          <NoteText
            page={page}
            lines={later.notes.checkLinesOf(note)}
            onTick={() => {}}
            beside={() => null}
          />
        </div>
      ) : (
        <p style={{ whiteSpace: 'pre-wrap' }}>{note}</p>
      )}
      {isIdOf('project', id) ? <ActionsOnPaper actions={lists.actionsOfProject(held, id)} /> : null}
      <StepsOnPaper of={owner} />
      {checklists.map((checklist: Checklist) => (
        <StepsOnPaper key={checklist.id} of={checklist.id} title={checklist.name} />
      ))}
      {remarks.length > 0 ? (
        <Part title="Remarks">
          {remarks.map((remark) => (
            <li key={remark.id} className="paper-row">
              <span className="paper-told">
                <span className="paper-details">{nearDate(remark.date, today)}</span>
                <span className="paper-title" style={{ whiteSpace: 'pre-wrap' }}>
                  {remark.text}
                </span>
              </span>
            </li>
          ))}
        </Part>
      ) : null}
    </article>
  )
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="paper-band">
    <h2 className="paper-heading">
      <span>{title}</span>
    </h2>
    <ul>{children}</ul>
  </section>
)

function StepsOnPaper({ of, title = 'Steps' }: { of: OwnerId; title?: string }) {
  const rows = outlineOf(owned.stepsOf(useHeldDocument(), of), { hideDone: false })
  if (rows.length === 0) return null
  return (
    <Part title={title}>
      {rows.map(({ step, depth }) => (
        <li key={step.id} className="paper-row" style={{ paddingLeft: depth * 20 }}>
          <span className={step.doneAtEpochMs === null ? 'paper-box' : 'paper-box done'} />
          <span className="paper-told">{step.title}</span>
        </li>
      ))}
    </Part>
  )
}

function ActionsOnPaper({ actions }: { actions: readonly Action[] }) {
  const held = useHeldDocument()
  if (actions.length === 0) return null
  return (
    <Part title="Actions">
      {actions.map((action) => (
        <li key={action.id} className="paper-row">
          <span className="paper-box" />
          <span className="paper-told">{nameOfRecord(held, action.id)}</span>
        </li>
      ))}
    </Part>
  )
}
