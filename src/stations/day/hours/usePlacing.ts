// Planning by hand at an hour of a day: earlier and later, longer and shorter, and off the hours again.
import { useMemo } from 'react'
import type { Id } from '@/core/record'
import { fromMinute, minuteAfterStart, type CalendarDate } from '@/core/time'
import { useAct, useZen } from '@/held/zen'
import { duration, shortened } from '@/words'
import type { OnRibbon } from './useRibbon'

/** The least that can be set by hand, and the step in which it is. */
const step = 5
const longest = 1440

export interface Placing {
  /** At so many minutes after the day began. */
  readonly at: (id: Id<'action'>, title: string, elapsed: number) => void
  /** By so many steps of five minutes, later where it is more than none. */
  readonly shift: (block: OnRibbon, steps: number) => void
  /** To so many minutes; it then stays where it is. */
  readonly stretch: (block: OnRibbon, minutes: number) => void
  readonly sendBack: (block: OnRibbon) => void
}

const idOf = ({ id }: OnRibbon) => id as Id<'action'>
const inSteps = (minutes: number): number =>
  Math.min(longest, Math.max(step, Math.round(minutes / step) * step))

/** The same for as long as the day is: what holds it is not drawn again. */
export function usePlacing(date: CalendarDate): Placing {
  const act = useAct()
  const { clock } = useZen()
  return useMemo(() => {
    const minuteOf = (elapsed: number) => minuteAfterStart(date, elapsed, clock.zone())
    const at = (id: Id<'action'>, title: string, elapsed: number) => {
      const minute = minuteOf(elapsed)
      const say = `Planned at ${fromMinute(minute)}: ${shortened(title)}`
      act('placeAction', { id, date, minute }, { say })
    }
    return {
      at,
      shift: (block, steps) => {
        // What begins between two steps goes to the next of them.
        const to = steps > 0 ? Math.floor(block.from / step) + steps : Math.ceil(block.from / step) + steps
        if (to >= 0) at(idOf(block), block.title, to * step)
      },
      stretch: (block, asked) => {
        const minutes = inSteps(asked)
        const say = `${duration(minutes)}: ${shortened(block.title)}`
        if (block.kind === 'fixed') act('editAction', { id: idOf(block), patch: { minutes } }, { say })
        else act('placeAction', { id: idOf(block), date, minute: minuteOf(block.from), minutes }, { say })
      },
      sendBack: (block) =>
        act('unplaceAction', { id: idOf(block), date }, { say: `At no hour: ${shortened(block.title)}` }),
    }
  }, [act, clock, date])
}
