// Free times to offer somebody: what is wanted on one line, the times below it, each to be left out, and one button
// that copies them as text and holds them until they are answered.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { OfferedTime } from '@/core/offer'
import { titleLimit, type Id } from '@/core/record'
import { desk } from '@/held/desk'
import { useAct, useHeld } from '@/held/zen'
import { Button, Column, Field, Icon, Press, Row, SlideOver, Words } from '@/ui'
import { copiedWords, copyBlocked, heldWords, offerText, timeWords } from '@/words/offers'
import { copyText } from './copyText'
import { HeldOffers } from './HeldOffers'
import { useOffer } from './useOffer'
import { zoneName } from '@/words/events'
import { WantedLine } from './WantedLine'

export function OfferTimes({ personId, onClose }: { personId?: Id<'person'>; onClose: () => void }) {
  const act = useAct()
  const person = useHeld(({ document }) => (personId ? recordIn(document, personId) : undefined))
  const { wanted, set, times, isRead, unread, ownZone, today } = useOffer()
  const [leftOut, setLeftOut] = useState<ReadonlySet<number>>(new Set())
  const [typed, setTyped] = useState<string | null>(null)
  const [toCopy, setToCopy] = useState<string | null>(null)
  const title = (typed ?? person?.name ?? '').trim()
  const chosen = times.filter(({ fromEpochMs }) => !leftOut.has(fromEpochMs))
  const toggle = ({ fromEpochMs }: OfferedTime) => {
    const next = new Set(leftOut)
    if (!next.delete(fromEpochMs)) next.add(fromEpochMs)
    setLeftOut(next)
  }
  const copy = (say: string | null) => {
    const text = offerText(chosen, { zone: wanted.zone, ownZone, today })
    const isHeld = say === null
    copyText(
      text,
      () => {
        if (!isHeld) desk.getState().tell(say)
        onClose()
      },
      () => {
        setToCopy(text)
        desk.getState().tell(copyBlocked, { problem: true })
      },
    )
  }
  const hold = () => {
    const called = title || 'Meeting'
    const { minutes, zone } = wanted
    const held = act(
      'holdTimes',
      { title: called, minutes, zone, personId: personId ?? null, times: chosen },
      { say: heldWords(called) },
    )
    if (held.ok) copy(null)
  }
  return (
    <SlideOver title="Times to offer" onClose={onClose}>
      <WantedLine wanted={wanted} onSet={set} />
      {unread.length > 0 ? (
        <Words role="status" tone="clay">
          {`${unread.join(', ')} could not be read. Check these times there.`}
        </Words>
      ) : null}
      {isRead ? null : (
        <Words role="status" tone="inkSoft">
          Reading your calendars…
        </Words>
      )}
      {isRead && times.length === 0 ? (
        <Words role="status">
          Nothing is free for that long. Try a shorter time, other hours or more days.
        </Words>
      ) : null}
      {isRead && times.length > 0 ? (
        <Column role="group" aria-label="Free times">
          {times.map((time) => (
            <FreeTime
              key={time.fromEpochMs}
              words={timeWords(time, ownZone, today)}
              there={wanted.zone ? `${timeWords(time, wanted.zone, today)} ${zoneName(wanted.zone)}` : null}
              isChosen={!leftOut.has(time.fromEpochMs)}
              onToggle={() => toggle(time)}
            />
          ))}
        </Column>
      ) : null}
      {toCopy === null ? (
        <Field
          label="For whom, or what for"
          shown
          placeholder="Oda, the kitchen"
          maxLength={titleLimit}
          value={typed ?? person?.name ?? ''}
          onChangeText={setTyped}
        />
      ) : (
        <Field
          label="Text to copy"
          shown
          multiline
          rows={Math.min(9, toCopy.split('\n').length)}
          value={toCopy}
          readOnly
          selectTextOnFocus
          autoFocus
        />
      )}
      <Row gap="$2" justifyContent="flex-end">
        <Button
          kind="quiet"
          label="Copy only"
          disabled={!isRead || chosen.length === 0}
          onPress={() => copy(copiedWords)}
        />
        <Button kind="main" label="Copy and hold" disabled={!isRead || chosen.length === 0} onPress={hold} />
      </Row>
      <HeldOffers ownZone={ownZone} today={today} />
    </SlideOver>
  )
}

function FreeTime({
  words,
  there,
  isChosen,
  onToggle,
}: {
  words: string
  /** The same by the clock of whoever is asked. */
  there: string | null
  isChosen: boolean
  onToggle: () => void
}) {
  return (
    <Press
      role="checkbox"
      aria-checked={isChosen}
      onPress={onToggle}
      width="100%"
      minHeight={44}
      paddingVertical={there ? '$2' : '$0'}
      gap="$2.5"
      justifyContent="flex-start"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Row width={20} justifyContent="center">
        {isChosen ? <Icon name="check" size={18} tone="brass" /> : null}
      </Row>
      <Column alignItems="flex-start">
        <Words tone={isChosen ? 'ink' : 'inkSoft'}>{words}</Words>
        {there ? (
          <Words size="second" tone="inkSoft">
            {there}
          </Words>
        ) : null}
      </Column>
    </Press>
  )
}
