// What is being made, with everything that a said line asks about.
import { heldAt } from '@/core/action'
import type { CalendarDate } from '@/core/time'
import type { NewAction } from '@/state'
import type { Sayable } from '@/words'

export function sayableOf(fields: NewAction, today: CalendarDate): Sayable {
  return {
    due: fields.due ?? null,
    at: fields.at ?? null,
    day: fields.day ?? null,
    minutes: fields.minutes ?? null,
    projectId: fields.projectId ?? null,
    areaId: fields.areaId ?? null,
    energy: fields.energy ?? null,
    payoff: fields.payoff ?? null,
    craft: fields.craft ?? null,
    waiting: fields.waiting ?? null,
    notBefore: fields.notBefore ?? null,
    link: fields.link ?? null,
    contextIds: [...(fields.contextIds ?? [])],
    personIds: [...(fields.personIds ?? [])],
    weight: fields.weight ?? 'should',
    horizon: 'soon',
    ...heldAt(fields.horizon, today),
  }
}
