// What is held for others until they answer.
import type { CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument, useZen } from '@/held/zen'
import { heldEvents } from '@/state/read/offers'
import { offersHeld, type OfferHeld } from '@/state/read/offersHeld'
import { BandHeading, Button, Column, Row, SaidChip, Words } from '@/ui'
import { shortened } from '@/words'
import { heldTitle } from '@/words/names'
import { copiedWords, knownZone, offerText, timeWords } from '@/words/offers'
import { copyText } from './copyText'

interface Around {
  readonly ownZone: string
  readonly today: CalendarDate
}

export function HeldOffers(around: Around) {
  const document = useHeldDocument()
  const offers = offersHeld(document)
  if (offers.length === 0) return null
  return (
    <Column paddingTop="$2">
      <BandHeading title="Held for others" end={String(offers.length)} />
      <Column render="ul" aria-label="Held for others">
        {offers.map((held) => (
          <OneOffer key={held.offer.id} {...held} {...around} />
        ))}
      </Column>
    </Column>
  )
}

function OneOffer({ offer, times, ownZone, today }: OfferHeld & Around) {
  const act = useAct()
  const document = useHeldDocument()
  const { clock } = useZen()
  const title = shortened(offer.title)
  const isOver = times.every(({ fromEpochMs }) => fromEpochMs < clock.nowEpochMs())
  const open = (id: string) => {
    const event = heldEvents(document, heldTitle).find((each) => each.id === id)
    if (event) desk.getState().openSheet({ kind: 'event', event })
  }
  const copyAgain = () =>
    copyText(
      offerText(times, { zone: knownZone(offer.zone), ownZone, today }),
      () => desk.getState().tell(copiedWords),
      () => desk.getState().tell('The browser does not allow copying from here.', { problem: true }),
    )
  return (
    <Column render="li" paddingVertical="$2" gap="$2" borderBottomWidth={1} borderColor="$rule">
      <Row justifyContent="space-between" gap="$2">
        <Words flex={1} minWidth={0}>
          {title}
          {isOver ? <Words tone="inkSoft">{' · over'}</Words> : null}
        </Words>
        {isOver ? null : (
          <Button kind="quiet" label="Copy" aria-label={`Copy the times for ${title}`} onPress={copyAgain} />
        )}
        <Button
          kind="quiet"
          label="Take back"
          aria-label={`Take back the times for ${title}`}
          onPress={() => act('removeHeldTimes', { ids: [offer.id] }, { say: `Free again: ${title}` })}
        />
      </Row>
      <Row gap="$2" className="swipes">
        {times.map((time) => (
          <SaidChip
            key={time.id}
            quiet
            text={timeWords(time, ownZone, today)}
            onPress={() => open(time.id)}
          />
        ))}
      </Row>
    </Column>
  )
}
