// The foot of a form: back, and the main button under the thumb. Enter keeps from anywhere in the form; Escape goes
// back.
import { useMedia } from '@tamagui/core'
import { useEffect, type FormEvent, type KeyboardEvent, type ReactNode } from 'react'
import type { Slip } from '@/core/record'
import type { NewAction } from '@/state'
import { Button, Column, Row, Words } from '@/ui'

/** What each compartment's form is given: the slip, what was understood of it, and the way back. */
export interface AskedOf {
  readonly slip: Slip
  readonly fields: NewAction
  /** Its words that have no place here: they go into the note. */
  readonly left: string
  readonly onBack: () => void
}

/** What a form asks: each line, and each row of choices where it is come to. */
const stops = 'textarea, input, [role=radio][tabindex="0"], [role=checkbox][tabindex="0"]'

export function SortingForm({
  label,
  keepLabel,
  canKeep,
  onKeep,
  onBack,
  children,
}: {
  label: string
  keepLabel: string
  canKeep: boolean
  onKeep: () => void
  onBack: () => void
  children: ReactNode
}) {
  // Before a field has it: what is written in keeps its keys to itself.
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      if (event.key === 'Escape' && !document.querySelector('dialog[open]')) onBack()
    }
    document.addEventListener('keydown', onKey, { capture: true })
    return () => document.removeEventListener('keydown', onKey, { capture: true })
  }, [onBack])
  const onSubmit = (event: FormEvent) => {
    event.preventDefault()
    if (canKeep) onKeep()
  }
  /** On a choice Enter would press it; space does that, and Enter keeps. */
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const role = (event.target as HTMLElement).getAttribute('role')
    if (event.key !== 'Enter' || (role !== 'radio' && role !== 'checkbox')) return
    event.preventDefault()
    if (canKeep) onKeep()
  }
  /** From the end of the title the arrow goes down to what is asked first, past what is set. */
  const onKeyDownFirst = (event: KeyboardEvent<HTMLElement>) => {
    const { target } = event
    if (event.key !== 'ArrowDown' || !(target instanceof HTMLTextAreaElement)) return
    if (target.selectionEnd !== target.value.length) return
    event.preventDefault()
    const asked = [...event.currentTarget.querySelectorAll<HTMLElement>(stops)]
    asked[asked.indexOf(target) + 1]?.focus()
  }
  return (
    <Column
      render="form"
      role="form"
      aria-label={label}
      gap="$3"
      onSubmit={onSubmit}
      onKeyDownCapture={onKeyDownFirst}
      onKeyDown={onKeyDown}
    >
      {children}
      <Foot>
        <Button kind="quiet" label="Back" onPress={onBack} />
        <Button kind="main" label={keepLabel} disabled={!canKeep} paddingHorizontal="$6" type="submit" />
      </Foot>
    </Column>
  )
}

/** The words that go into the note, since nothing here holds them. */
export const Left = ({ words }: { words: string }) => (
  <Words size="second" tone="inkSoft" className="clamped two">
    In the note: {words}
  </Words>
)

/** At the foot of the screen on a phone, where the stations have stepped aside; below the form on a wide page. */
export function Foot({ children }: { children: ReactNode }) {
  const { wide } = useMedia()
  const docked = {
    position: 'fixed' as 'absolute',
    bottom: 0,
    left: 0,
    right: 0,
    zIndex: 20,
    backgroundColor: '$paper',
    borderTopWidth: 1,
    borderColor: '$rule',
    paddingHorizontal: '$4',
    paddingTop: '$2.5',
    style: { paddingBottom: 'calc(10px + env(safe-area-inset-bottom))' },
  } as const
  return (
    <Row gap="$2.5" justifyContent="space-between" {...(wide ? {} : docked)}>
      {children}
    </Row>
  )
}
