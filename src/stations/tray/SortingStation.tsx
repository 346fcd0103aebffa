// Sorting: one slip, large, above the compartments. One tap or one key each; then only what that compartment needs.
import { useMedia } from '@tamagui/core'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useCallback, useLayoutEffect, useState } from 'react'
import { flushSync } from 'react-dom'
import type { Slip } from '@/core/record'
import { compartmentOfKey, type Compartment } from '@/core/sorting'
import { likelyCompartment } from '@/core/sorting/likelyCompartment'
import type { Suggestion } from '@/core/sorting/learning'
import { useReader } from '@/held/reader'
import { Button, Column, EmptyPlace, IconButton, Row } from '@/ui'
import { LayAside } from '@/parts/aside/LayAside'
import { SplitOrJoin, DuplicateBeside } from '@/parts/reshape/Ways'
import { AddAThought } from '@/parts/capture/AddAThought'
import { Guesses, Understood, useHasUnderstood } from '@/parts/capture/Understood'
import { useMomentOf, useSentence } from '@/parts/capture/useSentence'
import { desk, useDesk } from '@/held/desk'
import { isTyping } from '@/held/keys'
import { StationHead } from '@/frame/StationHead'
import { count, shortened } from '@/words'
import { useAct, useToday, useUndo } from '@/held/zen'
import { ActionForm } from './ActionForm'
import { CompartmentBox, compartmentFaces } from './CompartmentBox'
import { DraggableSlip, lieDown, SortingByDrag } from './DraggedSlip'
import { TemplateOffer } from './TemplateOffer'
import { HandOverForm } from './HandOverForm'
import { NotBeforeForm } from './NotBeforeForm'
import { ProjectForm } from './ProjectForm'
import { RaiseSaid } from './RaiseSaid'
import { SlipPaper } from './SlipPaper'
import { TwoMinutes } from './TwoMinutes'
import { useLikely } from './useLikely'
import { useSorting, type Sorting } from './useSorting'

export function SortingStation() {
  const { slip: firstId, review } = useLocalSearchParams<{ slip?: string; review?: string }>()
  /** Begun in a review, sorting goes back to it. */
  const home = review ? `/review?round=${encodeURIComponent(review)}` : '/'
  const sorting = useSorting(firstId)
  // On a phone the head tells what became of the slip before: a bar at the foot would lie over what is asked now.
  const notice = useDesk((state) => state.notice)
  const { wide } = useMedia()
  const router = useRouter()
  return (
    // On a phone the slip and the compartments share the whole screen.
    <Column
      width="100%"
      maxWidth={560}
      alignSelf="center"
      style={wide ? undefined : { minHeight: 'calc(100dvh - 12px - env(safe-area-inset-bottom))' }}
    >
      <StationHead
        label={wide ? 'Sorting' : undefined}
        above={wide ? undefined : (notice?.text ?? 'Sorting')}
        title={sorting.slip ? `${sorting.position} of ${sorting.total}` : overTitle(sorting.left)}
        tools={<SortingTools onLeave={() => router.navigate(home as '/')} showUndo={!wide} />}
      />
      {sorting.slip ? (
        <SlipUnderHand key={sorting.slip.id} slip={sorting.slip} sorting={sorting} />
      ) : (
        <EverythingSorted sorted={sorting.total} reviewAt={review ? home : null} />
      )}
    </Column>
  )
}

const overTitle = (left: number): string =>
  left === 0 ? 'The Tray is empty' : `${count(left, 'slip')} kept for the review`

function SortingTools({ onLeave, showUndo }: { onLeave: () => void; showUndo: boolean }) {
  const { undo, canUndo } = useUndo()
  return (
    <Row>
      {showUndo ? <AddAThought /> : null}
      {showUndo ? <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} /> : null}
      <IconButton label="Leave sorting" icon="close" onPress={onLeave} />
    </Row>
  )
}

function EverythingSorted({ sorted, reviewAt }: { sorted: number; reviewAt: string | null }) {
  const router = useRouter()
  if (reviewAt)
    return (
      <EmptyPlace says="Everything is sorted. The review goes on where you left it.">
        <Button kind="main" label="Go on with the review" onPress={() => router.navigate(reviewAt as '/')} />
      </EmptyPlace>
    )
  return (
    <EmptyPlace
      says={
        sorted > 0
          ? 'Everything is sorted. What you planned for today is on the Day sheet.'
          : 'There is nothing to sort. Add something first.'
      }
    >
      <Button kind="main" label="See the day" onPress={() => router.navigate('/day')} />
    </EmptyPlace>
  )
}

function SlipUnderHand({ slip, sorting }: { slip: Slip; sorting: Sorting }) {
  const { wide } = useMedia()
  const act = useAct()
  const reader = useReader()
  const [asking, setAsking] = useState<Compartment | null>(null)
  const [takenOff, setTakenOff] = useState<readonly string[]>(slip.takenOff)
  const today = useToday()
  const said = useMomentOf(slip)
  const setDownOn = said.date
  const sentence = useSentence(slip.text, takenOff, said)
  const draft = reader.draftOf(sentence, setDownOn)
  const { title } = sentence
  const likely = likelyCompartment(draft, useLikely(title).compartment)
  const hasUnderstood = useHasUnderstood(slip.text, sentence)
  const later = sorting.total > sorting.position ? sorting.later : null

  /** What the slip becomes in a compartment, its days as they were meant when it was said. */
  const becomes = (compartment: Compartment) => {
    const { fields, left } = reader.becoming(compartment, slip.text, sentence, draft, setDownOn)
    return { left, fields: setDownOn === today ? fields : reader.asSaidOn(fields, setDownOn) }
  }
  const choose = (compartment: Compartment) => {
    lieDown(compartment)
    const slipId = slip.id
    const { fields, left } = becomes(compartment)
    const { link, projectId, areaId, minutes } = fields
    const kept = { slipId, left, title, link, projectId, areaId }
    switch (compartment) {
      case 'someday':
        act('sortAsSomeday', { slipId, left, fields }, { say: `Someday: ${shortened(title)}` })
        break
      case 'reference':
        act('sortAsReference', kept, { say: `Kept as reference: ${shortened(title)}` })
        break
      case 'reading':
        act('sortAsReading', { ...kept, minutes }, { say: `Kept for reading: ${shortened(title)}` })
        break
      case 'letGo':
        act('sortAsLetGo', { slipId, left, fields }, { say: `Let go: ${shortened(title)}` })
        break
      default:
        setAsking(compartment)
    }
  }
  useCompartmentKeys(asking === null, choose)
  const back = useCallback(() => setAsking(null), [])

  const asked = { slip, ...becomes(asking ?? 'action'), onBack: back }
  if (asking === 'action') return <ActionForm {...asked} />
  if (asking === 'project') return <ProjectForm {...asked} />
  if (asking === 'handOver') return <HandOverForm {...asked} />
  if (asking === 'notBefore') return <NotBeforeForm {...asked} />
  const paper = (
    <SlipPaper slip={slip} title={title}>
      {hasUnderstood ? (
        <>
          <Row gap="$2" className="swipes" role="group" aria-label="Understood">
            <Understood
              onOneLine
              text={slip.text}
              sentence={sentence}
              takenOff={takenOff}
              said={said}
              onSaid={(text, off) => {
                setTakenOff(off)
                if (text !== slip.text) act('editSlip', { id: slip.id, text, takenOff: off }, { say: false })
              }}
            />
          </Row>
          <Guesses text={slip.text} sentence={sentence} />
        </>
      ) : null}
      {asking === null ? <DuplicateBeside slip={slip} title={title} /> : null}
      {asking === null ? (
        <TemplateOffer
          slipId={slip.id}
          title={title}
          date={draft.due?.date ?? draft.at?.date ?? draft.day ?? null}
          areaId={draft.areaId}
        />
      ) : null}
    </SlipPaper>
  )
  if (asking === 'twoMinutes')
    return (
      <Column gap="$3">
        {paper}
        <TwoMinutes
          title={title}
          onDone={() =>
            act(
              'sortAsDone',
              { slipId: slip.id, left: asked.left, fields: asked.fields },
              { say: `Done: ${shortened(title)}` },
            )
          }
          onLonger={() => setAsking('action')}
          onBack={back}
        />
      </Column>
    )
  return (
    <SortingByDrag title={shortened(title)} onDrop={choose}>
      <Column gap="$3" flexGrow={1} minHeight={wide ? 560 : 0}>
        <DraggableSlip>{paper}</DraggableSlip>
        <CompartmentBox onChoose={choose} likely={(likely?.value ?? null) as Compartment | null} />
        <Row justifyContent="center" flexWrap="wrap">
          {later ? <Later title={title} later={later} /> : null}
          <LayAside id={slip.id} label="For review" onLaid={sorting.leave} />
          <SplitOrJoin slip={slip} />
          <RaiseSaid slip={slip} />
          {likely ? <WhyLikely {...likely} /> : null}
        </Row>
      </Column>
    </SortingByDrag>
  )
}

/** Not decided now: under the pile. */
function Later({ title, later }: { title: string; later: () => void }) {
  return (
    <Button
      kind="quiet"
      label="Skip"
      onPress={() => {
        desk.getState().tell(`Moved to the end: ${shortened(title)}`)
        later()
      }}
    />
  )
}

/** Why a compartment is marked, told where everything is told. */
function WhyLikely({ value, because }: Suggestion) {
  const { label } = compartmentFaces[value as Compartment]
  const words = because.map((word) => `“${word}”`).join(' and ')
  return (
    <Button
      kind="quiet"
      label="Why?"
      aria-label="Why it is likely"
      onPress={() =>
        desk
          .getState()
          .tell(words ? `${label}, because of ${words}` : `${label}: what most of your slips became`)
      }
    />
  )
}

/** 1-9 choose a compartment while the box is shown. */
function useCompartmentKeys(active: boolean, choose: (compartment: Compartment) => void): void {
  // Before the first paint: no key is pressed into nothing.
  useLayoutEffect(() => {
    if (!active) return
    const onKey = (event: KeyboardEvent) => {
      const compartment =
        isTyping(event) || document.querySelector('dialog[open]') ? null : compartmentOfKey(event.key)
      if (!compartment) return
      event.preventDefault()
      // At once: a key that is pressed right after must find the form.
      flushSync(() => choose(compartment))
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  })
}
