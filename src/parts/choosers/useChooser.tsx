// The way to a chooser: which one is open, beside what, and the part itself, which loads when it is first asked for.
import { lazy, Suspense, useCallback, useEffect, useState, type ComponentType, type ReactNode } from 'react'
import { chooserWords, type SaidField } from '@/words'
import type { ChooserProps, ProjectChooserProps } from './chooserProps'
import type { AfterChooserProps } from './AfterChooser'
import type { CountedChooserProps } from './CountedChooser'
import type { DayChooserProps } from './DayChooser'
import type { MinutesChooserProps } from './ScaleChooser'
import type { HourChooserProps } from './HourChooser'
import type { LensChooserProps } from './lens/lensChooserProps'
import type { LookChooserProps } from './LookChooser'
import type { NameChooserProps } from './NameChooser'
import type { ReminderChooserProps } from './ReminderChooser'
import type { RepeatChooserProps } from './RepeatChooser'
import type { SaidAgainProps } from './SaidAgain'
import type { GoalChooserProps } from './TowardChoosers'

// One door: what stands behind two would load at the start.
const load = () => import('./Choosers')
type Parts = Awaited<ReturnType<typeof load>>
const part = <P,>(name: keyof Parts): ComponentType<P> =>
  lazy(() => load().then((parts) => ({ default: parts[name] as unknown as ComponentType<P> }))) as never
const ActionChooser = part<ChooserProps>('ActionChooser')
const ProjectChooser = part<ProjectChooserProps>('ProjectChooser')
const GoalChooser = part<GoalChooserProps>('GoalChooser')

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

/** A chooser that opens beside what was pressed. */
function beside<P extends { readonly anchor: DOMRect | null }>(
  name: keyof Parts,
): (props: Omit<P, 'anchor'>) => ReactNode {
  const Part = part<P>(name)
  return function Opened(props) {
    const [anchor] = useState(pressedPlace)
    return (
      <Suspense fallback={null}>
        <Part {...(props as P)} anchor={anchor} />
      </Suspense>
    )
  }
}

/** Saying a part again. */
export const OpenedSaidAgain = beside<SaidAgainProps>('SaidAgain')
/** How often something comes back. */
export const OpenedRepeatChooser = beside<RepeatChooserProps>('RepeatChooser')
/** When something reminds. */
export const OpenedReminderChooser = beside<ReminderChooserProps>('ReminderChooser')
/** A date that a template counts. */
export const OpenedCountedChooser = beside<CountedChooserProps>('CountedChooser')
/** After which other action. */
export const OpenedAfterChooser = beside<AfterChooserProps>('AfterChooser')
/** A part of a lens's sentence. */
export const OpenedLensChooser = beside<LensChooserProps>('LensChooser')
/** How a list is shown. */
export const OpenedLookChooser = beside<LookChooserProps>('LookChooser')
/** A length. */
export const OpenedMinutesChooser = beside<MinutesChooserProps>('MinutesChooser')
/** A day, and perhaps a time. */
export const OpenedDayChooser = beside<DayChooserProps>('DayChooser')
/** When in the day something begins. */
export const OpenedHourChooser = beside<HourChooserProps>('HourChooser')
/** One of several by name. */
export const OpenedNameChooser = beside<NameChooserProps>('NameChooser')
/** A chooser of a field that stands alone. */
export const ChosenField = beside<ChooserProps>('ActionChooser')

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

/** Toward which goals an area or a project goes, while that is asked. */
export function OpenedGoalChooser({
  chooser: { opened, close },
  of,
}: { chooser: ReturnType<typeof useChooser> } & Pick<GoalChooserProps, 'of'>): ReactNode {
  return opened ? (
    <Suspense fallback={null}>
      <GoalChooser title={chooserWords.goals} anchor={opened.anchor} of={of} onClose={close} />
    </Suspense>
  ) : null
}
