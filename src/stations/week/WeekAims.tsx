// What the week is for: its one or two aims, set here or in the review that looked ahead to it, and its note.
import { Suspense, useState } from 'react'
import { View } from '@tamagui/core'
import { plainWords } from '@/core/note/plainWords'
import { datedNoteId } from '@/core/record'
import { aimsOf, thursdayOf } from '@/core/review/aimedWeek'
import type { CalendarDate } from '@/core/time'
import type { RunOptions } from '@/state'
import { weekAims } from '@/state/read/weekAims'
import { EditText } from '@/frame/onDemand'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useZen } from '@/held/zen'
import { Button, IconButton, Press, Row, SlideOver, Words } from '@/ui'
import { shortened } from '@/words'

export function WeekAims({ first, name }: { first: CalendarDate; name: string }) {
  const { clock } = useZen()
  const [isEditing, setEditing] = useState(false)
  const said = useHeld(({ document }) => aimsOf(weekAims(document, first, clock.zone())).join(' · '))
  return (
    <Row gap="$1" minHeight={44}>
      <Press
        minHeight={44}
        alignItems="center"
        flexShrink={1}
        minWidth={0}
        aria-haspopup="dialog"
        onPress={() => setEditing(true)}
      >
        <Words tone={said === '' ? 'brass' : 'ink'} flexShrink={1}>
          {said === '' ? 'Set an aim' : `Aims: ${said}`}
        </Words>
      </Press>
      <WeekNoteButton first={first} name={name} />
      {isEditing ? <EditAims first={first} name={name} onClose={() => setEditing(false)} /> : null}
    </Row>
  )
}

interface EditAimsProps {
  readonly first: CalendarDate
  readonly name: string
  readonly onClose: () => void
}

function EditAims({ first, name, onClose }: EditAimsProps) {
  const act = useAct()
  const { clock } = useZen()
  const firstAim = useHeld(({ document }) => weekAims(document, first, clock.zone()).firstAim)
  const secondAim = useHeld(({ document }) => weekAims(document, first, clock.zone()).secondAim)
  const set = (aims: { firstAim?: string; secondAim?: string }, typing: RunOptions) =>
    act('setWeekAims', { first, ...aims }, { say: false, atField: true, ...typing })
  return (
    <SlideOver title={`Aims of ${name}`} onClose={onClose}>
      <Suspense fallback={<View height={168} />}>
        <EditText
          name={`${first} aim 1`}
          label="First aim"
          shown
          value={firstAim}
          onKeep={(text, typing) => set({ firstAim: text }, typing)}
        />
        <EditText
          name={`${first} aim 2`}
          label="Second aim, if there is one"
          shown
          value={secondAim}
          onKeep={(text, typing) => set({ secondAim: text }, typing)}
        />
      </Suspense>
      <Row justifyContent="flex-end">
        <Button kind="main" label="Done" onPress={onClose} />
      </Row>
    </SlideOver>
  )
}

function WeekNoteButton({ first, name }: { first: CalendarDate; name: string }) {
  const notes = useOnDemand()?.notes
  const { open } = useOpened()
  const id = datedNoteId({ of: 'week', date: thursdayOf(first) })
  const said = useHeld(({ document }) => (notes ? plainWords(notes.noteIn(document, id)) : ''))
  return (
    <IconButton
      label={said === '' ? `Note of ${name}` : `Note of ${name}: ${shortened(said)}`}
      icon="note"
      tone={said === '' ? 'inkSoft' : 'brass'}
      onPress={() => open(id)}
    />
  )
}
