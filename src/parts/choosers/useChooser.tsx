// The way to a chooser: which one is open, beside what, and the part itself, which loads when it is first asked for.
import { lazy, Suspense, useCallback, useEffect, useState, type ReactNode } from 'react'
import type { SaidField } from '@/words'
import type { ChooserProps, ProjectChooserProps } from './chooserProps'
import type { AfterChooserProps } from './AfterChooser'
import type { DayChooserProps } from './DayChooser'
import type { MinutesChooserProps } from './ScaleChooser'
import type { LensChooserProps } from './lens/lensChooserProps'
import type { ReminderChooserProps } from './ReminderChooser'
import type { RepeatChooserProps } from './RepeatChooser'
import type { SaidAgainProps } from './SaidAgain'

// One door: what stands behind two would load at the start.
const load = () => import('./Choosers')
const ActionChooser = lazy(() => load().then((module) => ({ default: module.ActionChooser })))
const SaidAgain = lazy(() => load().then((module) => ({ default: module.SaidAgain })))
const AfterChooser = lazy(() => load().then((module) => ({ default: module.AfterChooser })))
const LensChooser = lazy(() => load().then((module) => ({ default: module.LensChooser })))
const MinutesChooser = lazy(() => load().then((module) => ({ default: module.MinutesChooser })))
const DayChooser = lazy(() => load().then((module) => ({ default: module.DayChooser })))
const ReminderChooser = lazy(() => load().then((module) => ({ default: module.ReminderChooser })))
const RepeatChooser = lazy(() => load().then((module) => ({ default: module.RepeatChooser })))
const ProjectChooser = lazy(() => load().then((module) => ({ default: module.ProjectChooser })))

/** Loads the choosers while nobody waits for them: what is typed right after the first press must find its line. */
const readyChoosers = (): void => void load().catch(() => {})

interface Opened {
  readonly field: SaidField
  readonly anchor: DOMRect | null
}

/** Where the part stands that has the focus or was pressed. */
function pressedPlace(): DOMRect | null {
  const pressed = document.activeElement
  return pressed && pressed !== document.body ? pressed.getBoundingClientRect() : null
}

/**
 * `choose` opens the chooser of a field beside the part that has the focus or was pressed. `early` loads it before the
 * first press.
 */
export function useChooser({ early = true } = {}): {
  readonly opened: Opened | null
  readonly choose: (field: SaidField) => void
  readonly close: () => void
} {
  const [opened, setOpened] = useState<Opened | null>(null)
  useEffect(() => {
    if (early) readyChoosers()
  }, [early])
  const choose = useCallback((field: SaidField) => setOpened({ field, anchor: pressedPlace() }), [])
  const close = useCallback(() => setOpened(null), [])
  return { opened, choose, close }
}

/** The chooser of an action's field, while one is open. */
export function OpenedChooser({
  chooser: { opened, close },
  ...rest
}: { chooser: ReturnType<typeof useChooser> } & Pick<ChooserProps, 'of' | 'onSet'>): ReactNode {
  return opened ? (
    <Suspense fallback={null}>
      <ActionChooser key={opened.field} {...opened} {...rest} onClose={close} />
    </Suspense>
  ) : null
}

/** Saying a part again, beside what was pressed. */
export function OpenedSaidAgain(props: Omit<SaidAgainProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <SaidAgain {...props} anchor={anchor} />
    </Suspense>
  )
}

/** How often something comes back, beside what was pressed. */
export function OpenedRepeatChooser(props: Omit<RepeatChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <RepeatChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** When something reminds, beside what was pressed. */
export function OpenedReminderChooser(props: Omit<ReminderChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <ReminderChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** After which other action, beside what was pressed. */
export function OpenedAfterChooser(props: Omit<AfterChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <AfterChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** A part of a lens's sentence, beside what was pressed. */
export function OpenedLensChooser(props: Omit<LensChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <LensChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** A length, beside what was pressed. */
export function OpenedMinutesChooser(props: Omit<MinutesChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <MinutesChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** A day, and perhaps a time, beside what was pressed. */
export function OpenedDayChooser(props: Omit<DayChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <DayChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** A chooser that stands alone, beside what had the focus when it was asked for. */
export function ChosenField(props: Omit<ChooserProps, 'anchor'>): ReactNode {
  const [anchor] = useState(pressedPlace)
  return (
    <Suspense fallback={null}>
      <ActionChooser {...props} anchor={anchor} />
    </Suspense>
  )
}

/** The chooser of a project's field, while one is open. */
export function OpenedProjectChooser({
  chooser: { opened, close },
  ...rest
}: { chooser: ReturnType<typeof useChooser> } & Pick<ProjectChooserProps, 'of' | 'onSet'>): ReactNode {
  return opened ? (
    <Suspense fallback={null}>
      <ProjectChooser key={opened.field} {...opened} {...rest} onClose={close} />
    </Suspense>
  ) : null
}
