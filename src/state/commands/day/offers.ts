// Times offered to somebody: held until they are answered, agreed on or taken back.
import type { OfferedTime } from '@/core/offer'
import { recordIn, recordsIn } from '@/core/journal'
import { blankOf, type Id, type Offer, type When } from '@/core/record'
import { refuse } from '@/core/result'
import { actionAdded } from '../action/makeAction'
import { added, diffOf, lineOf, type Command } from '../command'
import { deleted, thenDeleted } from '../deleting'

/** More is no offer. */
export const mostHeld = 50

const isSpan = ({ fromEpochMs, toEpochMs }: OfferedTime): boolean =>
  Number.isInteger(fromEpochMs) && Number.isInteger(toEpochMs) && fromEpochMs < toEpochMs

/** Holds times for somebody. They take their minutes of their days from then on. */
export const holdTimes: Command<
  Pick<Offer, 'title' | 'minutes' | 'personId' | 'zone'> & { times: readonly OfferedTime[] }
> = (context, { times, title, ...given }) => {
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  if (times.length === 0) return refuse({ kind: 'nothingToDo' })
  if (times.length > mostHeld || !times.every(isSpan)) return refuse({ kind: 'unfit', field: 'times' })
  const offerId = context.newId('offer')
  return diffOf(
    added({
      ...blankOf('offer'),
      ...given,
      id: offerId,
      title: line.value,
      madeAtEpochMs: context.nowEpochMs,
    }),
    ...times.map(({ fromEpochMs, toEpochMs }) =>
      added({ id: context.newId('heldTime'), offerId, fromEpochMs, toEpochMs }),
    ),
  )
}

/** Takes times back, whole offers or single ones; an offer goes with the last of its times. */
export const removeHeldTimes: Command<{ ids: readonly (Id<'offer'> | Id<'heldTime'>)[] }> = (
  context,
  { ids },
) => {
  const going = new Set<string>(ids)
  const emptied = recordsIn(context.document, 'offer').filter(
    ({ id }) =>
      !going.has(id) &&
      recordsIn(context.document, 'heldTime')
        .filter(({ offerId }) => offerId === id)
        .every((time) => going.has(time.id)),
  )
  return diffOf(...deleted(context, [...ids, ...emptied.map(({ id }) => id)]))
}

/**
 * One of the times was taken: it becomes an action at a fixed time, and the others are free again. `at` is when it
 * begins by the person's own clock.
 */
export const agreeOnTime: Command<{ id: Id<'heldTime'>; at: When }> = (context, { id, at }) => {
  const time = recordIn(context.document, id)
  const offer = time && recordIn(context.document, time.offerId)
  if (!time || !offer) return refuse({ kind: 'notFound' })
  const made = actionAdded(context, {
    title: offer.title,
    at,
    minutes: offer.minutes,
    personIds: offer.personId ? [offer.personId] : [],
  })
  return made.ok ? thenDeleted(context, made.value, [offer.id]) : made
}
