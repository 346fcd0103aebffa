// Sorting: one slip, large, above the compartments. One tap or one key each; then only what that compartment needs.
import { useMedia, View } from '@tamagui/core'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useCallback, useEffect, useState } from 'react'
import type { Slip } from '@/core/record'
import { compartmentOfKey, type Compartment } from '@/core/sorting'
import { asSaidOn, draftOf } from '@/core/sentence'
import { Button, Column, EmptyPlace, IconButton, Row, Words } from '@/ui'
import { Chips, useDayOf, useSentence } from '@/parts/capture/CaptureLine'
import { desk } from '@/held/desk'
import { isTyping } from '@/held/keys'
import { StationHead } from '@/frame/StationHead'
import { momentWords, shortened } from '@/words'
import { useAct, useToday, useUndo, useZen } from '@/held/zen'
import { ActionForm } from './ActionForm'
import { CompartmentBox } from './CompartmentBox'
import { ProjectForm } from './ProjectForm'
import { TwoMinutes } from './TwoMinutes'
import { useSorting, type Sorting } from './useSorting'

export function SortingStation() {
  const { slip: firstId } = useLocalSearchParams<{ slip?: string }>()
  const sorting = useSorting(firstId)
  const { wide } = useMedia()
  const router = useRouter()
  return (
    <Column width="100%" maxWidth={560} alignSelf="center">
      <StationHead
        label="Sorting"
        title={sorting.slip ? `${sorting.position} of ${sorting.total}` : 'The tray is empty'}
        tools={<SortingTools onLeave={() => router.navigate('/')} showUndo={!wide} />}
      />
      {sorting.slip ? (
        <SlipUnderHand key={sorting.slip.id} slip={sorting.slip} sorting={sorting} />
      ) : (
        <EverythingSorted sorted={sorting.total} />
      )}
    </Column>
  )
}

function SortingTools({ onLeave, showUndo }: { onLeave: () => void; showUndo: boolean }) {
  const { undo, canUndo } = useUndo()
  return (
    <Row>
      {showUndo ? <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} /> : null}
      <IconButton label="Leave sorting" icon="close" onPress={onLeave} />
    </Row>
  )
}

function EverythingSorted({ sorted }: { sorted: number }) {
  const router = useRouter()
  return (
    <EmptyPlace
      says={
        sorted > 0
          ? 'Everything has its place. What you laid on today is on the Day sheet.'
          : 'There is nothing to sort. Set something down first.'
      }
    >
      <Button kind="main" label="See the day" onPress={() => router.navigate('/day')} />
    </EmptyPlace>
  )
}

function SlipUnderHand({ slip, sorting }: { slip: Slip; sorting: Sorting }) {
  const act = useAct()
  const [asking, setAsking] = useState<Compartment | null>(null)
  const [takenOff, setTakenOff] = useState<readonly string[]>(slip.takenOff)
  const today = useToday()
  const setDownOn = useDayOf(slip)
  const sentence = useSentence(slip.text, takenOff, setDownOn)
  const draft = draftOf(sentence, setDownOn)
  const fields = setDownOn === today ? draft : asSaidOn(draft, setDownOn)
  const { title } = sentence

  const choose = (compartment: Compartment) => {
    const slipId = slip.id
    switch (compartment) {
      case 'someday':
        act(
          'sortAsSomeday',
          { slipId, fields: { ...fields, day: null } },
          { say: `Someday: ${shortened(title)}` },
        )
        break
      case 'reference':
        act(
          'sortAsReference',
          { slipId, title, address: draft.address, projectId: draft.projectId, areaId: draft.areaId },
          { say: `Kept as reference: ${shortened(title)}` },
        )
        break
      case 'letGo':
        act('sortAsLetGo', { slipId, fields }, { say: `Let go: ${shortened(title)}` })
        break
      default:
        setAsking(compartment)
    }
  }
  useCompartmentKeys(asking === null, choose)
  const back = useCallback(() => setAsking(null), [])

  return (
    <Column gap={16}>
      <SlipPaper slip={slip} title={title}>
        <Chips text={slip.text} clauses={sentence.clauses} takenOff={takenOff} onTakenOff={setTakenOff} />
      </SlipPaper>
      {asking === null ? <CompartmentBox onChoose={choose} /> : null}
      {asking === 'action' ? <ActionForm slipId={slip.id} fields={fields} onBack={back} /> : null}
      {asking === 'project' ? <ProjectForm slipId={slip.id} fields={fields} onBack={back} /> : null}
      {asking === 'twoMinutes' ? (
        <TwoMinutes
          title={title}
          onDone={() => act('sortAsDone', { slipId: slip.id, fields }, { say: `Done: ${shortened(title)}` })}
          onLonger={() => setAsking('action')}
          onBack={back}
        />
      ) : null}
      {asking === null && sorting.total - sorting.position > 0 ? (
        <Row justifyContent="center">
          <Button
            kind="quiet"
            label="Later: put it under the pile"
            onPress={() => {
              desk.getState().tell(`Under the pile: ${shortened(title)}`)
              sorting.later()
            }}
          />
        </Row>
      ) : null}
    </Column>
  )
}

/** About what four lines of the narrowest phone hold. */
const foldedLength = 110

/** The slip, large. A long one shows four lines, so that the compartments stay in view; the rest on touch. */
function SlipPaper({ slip, title, children }: { slip: Slip; title: string; children: React.ReactNode }) {
  const today = useToday()
  const { clock } = useZen()
  const [unfolded, setUnfolded] = useState(false)
  const isLong = title.length > foldedLength
  return (
    <View
      render="article"
      aria-label="The slip"
      backgroundColor="$slip"
      borderWidth={1}
      borderColor="$rule"
      borderLeftWidth={3}
      borderLeftColor="$brass"
      borderRadius={3}
      padding={18}
      gap={12}
      boxShadow="0 3px 12px rgba(40,30,15,0.10)"
    >
      <Words
        render="h2"
        size="title"
        fontSize={'1.4rem' as never}
        lineHeight={'1.85rem' as never}
        className={unfolded ? undefined : 'clamped four'}
      >
        {title}
      </Words>
      <Row gap={8} flexWrap="wrap" role="group" aria-label="Understood">
        {children}
      </Row>
      <Words size="second" tone="inkSoft" className={unfolded ? undefined : 'clamped two'}>
        Set down {momentWords(slip.setDownAtEpochMs, clock.zone(), today)}
        {slip.text === title ? '' : `: “${slip.text}”`}
      </Words>
      {isLong ? (
        <Row marginLeft={-8} marginTop={-6}>
          <Button
            kind="quiet"
            label={unfolded ? 'Fold it' : 'Read all of it'}
            aria-expanded={unfolded}
            onPress={() => setUnfolded(!unfolded)}
          />
        </Row>
      ) : null}
    </View>
  )
}

/** 1-6 choose a compartment while the box is shown. */
function useCompartmentKeys(active: boolean, choose: (compartment: Compartment) => void): void {
  useEffect(() => {
    if (!active) return
    const onKey = (event: KeyboardEvent) => {
      const compartment =
        isTyping(event) || document.querySelector('dialog[open]') ? null : compartmentOfKey(event.key)
      if (!compartment) return
      event.preventDefault()
      choose(compartment)
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  })
}
