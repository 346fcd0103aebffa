// What is being made, with everything that a said line asks about.
import { heldAt } from '@/core/action'
import { blankOf, facetFields } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import type { NewAction } from '@/state'
import type { Sayable } from '@/words'

export function sayableOf(fields: NewAction, today: CalendarDate): Sayable {
  const blank = { ...blankOf('action'), waiting: null }
  return {
    ...(Object.fromEntries(
      facetFields.map((field) => [field, fields[field] ?? blank[field]]),
    ) as unknown as Sayable),
    ...heldAt(fields.horizon, today),
  }
}
