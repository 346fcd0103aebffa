// One time that is held for somebody: agreed on, it becomes an action at that time; else it is taken back.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { fromMinute, localMomentAt } from '@/core/time'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { offersHeld } from '@/state/read/offersHeld'
import { Button, Row, SlideOver, Words } from '@/ui'
import { shortened } from '@/words'
import { heldTitle } from '@/words/names'
import { zoneName } from '@/words/events'
import { knownZone, timeWords } from '@/words/offers'

export function HeldTimeSheet({ id, onClose }: { id: Id<'heldTime'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const own = clock.zone()
  const time = useHeld(({ document }) => recordIn(document, id))
  const document = useHeld((state) => state.document)
  const held = offersHeld(document).find(({ offer }) => offer.id === time?.offerId)
  if (!time)
    return (
      <SlideOver title="Held time" onClose={onClose}>
        <Words role="status">This time is no longer held.</Words>
      </SlideOver>
    )
  const title = shortened(held?.offer.title ?? '')
  const when = timeWords(time, own, today)
  const others = (held?.times.length ?? 1) - 1
  const { date, minute } = localMomentAt(time.fromEpochMs, own)
  const zone = knownZone(held?.offer.zone ?? null)
  const takeBack = (ids: readonly (Id<'offer'> | Id<'heldTime'>)[], say: string) => {
    if (act('removeHeldTimes', { ids }, { say }).ok) onClose()
  }
  return (
    <SlideOver title={heldTitle(title)} onClose={onClose}>
      <Words tone="slate">{when}</Words>
      {zone ? (
        <Words size="second" tone="inkSoft">{`${timeWords(time, zone, today)} in ${zoneName(zone)}`}</Words>
      ) : null}
      <Words size="second" tone="inkSoft">
        {others === 0
          ? 'Agree makes it an action at this time.'
          : `Agree makes it an action at this time, and frees the other ${others === 1 ? 'one' : others}.`}
      </Words>
      <Row gap="$1" flexWrap="wrap" justifyContent="flex-end">
        <Button
          kind="quiet"
          label="Take this one back"
          onPress={() => takeBack([id], `Free again: ${when}`)}
        />
        {held && others > 0 ? (
          <Button
            kind="quiet"
            label="Take all back"
            onPress={() => takeBack([held.offer.id], `Free again: ${title}`)}
          />
        ) : null}
        <Button
          kind="main"
          label="Agree"
          onPress={() => {
            const at = { date, time: fromMinute(minute) }
            if (act('agreeOnTime', { id, at }, { say: `Agreed: ${title}, ${when}` }).ok) onClose()
          }}
        />
      </Row>
    </SlideOver>
  )
}
