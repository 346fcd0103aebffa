// What an opened thing has: its note, steps, files, checklists and remarks, each there when there is one. What it
// could have besides is one row, *Add*.
import { useState } from 'react'
import type { Action, OwnerId } from '@/core/record'
import { owned } from '@/state'
import { useOnDemand } from '@/held/reader'
import { useHeld, useHeldDocument, useZen } from '@/held/zen'
import { NoteBand } from '@/parts/note/NoteBand'
import { StepOutline } from '@/parts/steps/StepOutline'
import { Afterwards } from '@/ui/Afterwards'
import { AddRow } from './AddRow'
import { Checklists } from './Checklists'
import { OpenedFiles } from './OpenedFiles'
import { remarkKey, Remarks } from './Remarks'

type Addable = 'note' | 'step' | 'file' | 'checklist' | 'remark'
const names: Readonly<Record<Addable, string>> = {
  note: 'note',
  step: 'step',
  file: 'file',
  checklist: 'checklist',
  remark: 'remark',
}
const inOrder: readonly Addable[] = ['note', 'step', 'file', 'checklist', 'remark']

/** A note of so many characters takes up the screen: what is below it is drawn afterwards. */
const screenful = 1500

/** How often each was asked for: asking again begins again. */
type Asked = Readonly<Partial<Record<Addable, number>>>

export function Belongings({
  of,
}: {
  of: Extract<OwnerId, `${'action' | 'reading' | 'reference'}:${string}`>
}) {
  const document = useHeldDocument()
  const { memory } = useZen()
  const later = useOnDemand()
  const note = later?.notes.noteIn(document, of) ?? ''
  const [isBelow] = useState(() => note.length > screenful)
  const [asked, setAsked] = useState<Asked>({})
  const steps = useHeld((state) => owned.stepsOf(state.document, of).length)
  const remarks = useHeld((state) => owned.remarksOf(state.document, of).length)
  const isAction = of.startsWith('action:')
  const checklists =
    isAction && later ? later.checklists.checklistsIn(document, of as Action['id']).length : 0
  // What was typed before the page went is still there to be finished.
  const isTyped = (key: string) => memory.typed.read(key) !== null
  const [isStepTyped] = useState(() => isTyped(`another step of ${of}`))
  const [isRemarkTyped] = useState(() => isTyped(remarkKey(of)))
  const hasNote = note.trim() !== '' || isTyped(`written ${of}`)
  const rest = (
    <>
      {steps > 0 || asked.step || isStepTyped ? <StepOutline of={of} asked={asked.step ?? 0} /> : null}
      <OpenedFiles of={of} asked={asked.file ?? 0} />
    </>
  )
  return (
    <>
      {hasNote || asked.note ? (
        <NoteBand key={asked.note ?? 0} of={of} begins={Boolean(asked.note)} quiet />
      ) : null}
      {isBelow ? null : rest}
      <Afterwards>
        {isBelow ? rest : null}
        {checklists > 0 || asked.checklist ? (
          <Checklists
            key={`checklist ${asked.checklist ?? 0}`}
            of={of as Action['id']}
            begins={Boolean(asked.checklist)}
          />
        ) : null}
        {remarks > 0 || asked.remark || isRemarkTyped ? <Remarks of={of} asked={asked.remark ?? 0} /> : null}
      </Afterwards>
      <AddRow
        names={names}
        missing={inOrder.filter(
          (what) => (what !== 'note' || !hasNote) && (what !== 'checklist' || isAction),
        )}
        onAsk={(what) => setAsked({ ...asked, [what]: (asked[what] ?? 0) + 1 })}
      />
    </>
  )
}
