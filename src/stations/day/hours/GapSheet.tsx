// A gap of the day: what fits into it, each planned there by one tap; and what just does not fit, with how much is
// missing.
import type { Interval } from '@/core/day'
import type { Action } from '@/core/record'
import { fromMinute, minuteAfterStart, type CalendarDate } from '@/core/time'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useZen } from '@/held/zen'
import { select } from '@/state'
import { BandHeading, Column, Press, Seal, SlideOver, Words } from '@/ui'
import { duration } from '@/words'
import { reasonWords } from '@/words/reach'
import { useGap } from './useGap'
import type { Placing } from './usePlacing'

interface GapSheetProps {
  readonly date: CalendarDate
  readonly gap: Interval
  readonly isNow: boolean
  readonly placing: Placing
  readonly onClose: () => void
}

export function GapSheet({ date, gap, isNow, placing, onClose }: GapSheetProps) {
  const { clock } = useZen()
  const { fitting, tooLong } = useGap(date, gap, isNow)
  const [from, to] = [gap.from, gap.to].map((at) => fromMinute(minuteAfterStart(date, at, clock.zone())))
  const document = useHeldDocument()
  const { open } = useOpened()
  return (
    <SlideOver title={`${from}–${to}, ${duration(gap.to - gap.from)} free`} onClose={onClose}>
      {fitting.length === 0 ? (
        <Words tone="inkSoft">Nothing in reach fits. Make something shorter, or leave it free.</Words>
      ) : (
        <Column gap="$1">
          <Words tone="inkSoft">Choose what to plan at {from}.</Words>
          <Column render="ul" aria-label="What fits">
            {fitting.map(({ action, reason }) => (
              <Fit
                key={action.id}
                action={action}
                says={[
                  action.minutes ? duration(action.minutes) : 'no minutes yet',
                  reasonWords(reason, document),
                ]}
                onChoose={() => {
                  placing.at(action.id, action.title, gap.from)
                  onClose()
                }}
              />
            ))}
          </Column>
        </Column>
      )}
      {tooLong.length > 0 ? (
        <Column>
          <BandHeading title="Just too long" />
          <Column render="ul" aria-label="Just too long">
            {tooLong.map(({ action, by }) => (
              <Fit
                key={action.id}
                action={action}
                says={[duration(action.minutes ?? 0), `${duration(by)} too long`]}
                onChoose={() => {
                  onClose()
                  open(action.id)
                }}
              />
            ))}
          </Column>
        </Column>
      ) : null}
    </SlideOver>
  )
}

function Fit({
  action,
  says,
  onChoose,
}: {
  action: Action
  says: readonly (string | null)[]
  onChoose: () => void
}) {
  const document = useHeldDocument()
  const seal = select.sealOf(document, action)
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule">
      <Press width="100%" minHeight={56} gap="$3" paddingVertical="$2" onPress={onChoose} data-row>
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words weight={action.weight}>{action.title}</Words>
          <Words size="second" tone="inkSoft">
            {says.filter(Boolean).join(' · ')}
          </Words>
        </Column>
      </Press>
    </Column>
  )
}
