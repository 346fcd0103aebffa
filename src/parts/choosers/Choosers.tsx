// Which chooser sets which field of an action. Reached through useChooser alone: the choosers load when the first is
// opened.
import { laidOn, laidOnDay, withHorizon } from '@/core/action'
import { energies, keptHorizons, weights, type Horizon, type Waiting } from '@/core/record'
import { chooserWords, horizonWords } from '@/words'
import { useToday } from '@/held/zen'
import { LinkChooser } from './LinkChooser'
import { options, type ChooserProps } from './chooserProps'
import { DayChooser } from './DayChooser'
import { MinutesChooser, ScaleChooser } from './ScaleChooser'
import { WorthChooser } from './WorthChooser'
import { ShelfChooser } from './ShelfChooser'
import { ContextChooser, PeopleChooser, WhomChooser } from './WhoChoosers'

export { MinutesChooser } from './ScaleChooser'
export { CountedChooser } from './CountedChooser'
export { AfterChooser } from './AfterChooser'
export { ProjectChooser } from './ProjectChooser'
export { GoalChooser } from './TowardChoosers'
export { NameChooser } from './NameChooser'
export { ReminderChooser } from './ReminderChooser'
export { RepeatChooser } from './RepeatChooser'
export { DayChooser } from './DayChooser'
export { SaidAgain } from './SaidAgain'
export { LensChooser } from './lens/LensChooser'
export { LookChooser } from './LookChooser'
export { GrowSheet } from '../reshape/GrowSheet'
export { Reshaping } from '../reshape/Reshaping'
export { DuplicateBeside } from '../reshape/DuplicateBeside'

const horizons: readonly Horizon[] = ['today', ...keptHorizons]

export function ActionChooser(props: ChooserProps) {
  const { field, of, onSet, onClose, anchor } = props
  const today = useToday()
  const shared = { title: props.title ?? chooserWords[field], anchor, onClose }
  switch (field) {
    case 'due':
      return (
        <DayChooser
          {...shared}
          date={of.due?.date ?? null}
          time={of.due?.time ?? null}
          none="no day"
          note={
            of.due ? null : 'Does somebody expect it by then? If not, a horizon fits better than a due date.'
          }
          onChoose={(date, time) => onSet({ due: date && { date, time } })}
        />
      )
    case 'at':
      return (
        <DayChooser
          {...shared}
          date={of.at?.date ?? null}
          time={of.at?.time ?? null}
          none="not fixed"
          onChoose={(date, time) => onSet({ at: date && { date, time }, day: null })}
        />
      )
    case 'day':
      return (
        <DayChooser
          {...shared}
          date={laidOn(of)}
          none="no day"
          note={of.due && of.due.date >= today ? 'A day after the due date moves the due date too.' : null}
          onChoose={(date) => onSet(laidOnDay(of, date))}
        />
      )
    case 'notBefore':
      return (
        <DayChooser
          {...shared}
          date={of.notBefore}
          none="not hidden"
          onChoose={(date) => onSet({ notBefore: date })}
        />
      )
    case 'since':
    case 'chase':
      return of.waiting ? (
        <WaitingDay {...props} title={shared.title} waiting={of.waiting} isChase={field === 'chase'} />
      ) : null
    case 'minutes':
      return <MinutesChooser {...shared} minutes={of.minutes} onChoose={(minutes) => onSet({ minutes })} />
    case 'horizon':
      return (
        <ScaleChooser
          {...shared}
          options={options(horizons, horizonWords)}
          chosen={of.day === today ? 'today' : of.horizon}
          onChoose={(horizon) => {
            if (horizon) onSet(withHorizon(of, horizon, today))
          }}
        />
      )
    case 'weight':
      return (
        <ScaleChooser
          {...shared}
          options={options(weights)}
          chosen={of.weight}
          onChoose={(weight) => {
            if (weight) onSet({ weight })
          }}
        />
      )
    case 'energy':
      return (
        <ScaleChooser
          {...shared}
          options={options(energies)}
          chosen={of.energy}
          none="none"
          onChoose={(energy) => onSet({ energy })}
        />
      )
    case 'payoff':
    case 'craft':
      return (
        <WorthChooser
          {...shared}
          payoff={of.payoff}
          craft={of.craft}
          onChoose={(payoff, craft) => onSet({ payoff, craft })}
        />
      )
    case 'contextIds':
      return <ContextChooser {...props} />
    case 'personIds':
      return <PeopleChooser {...props} />
    case 'waiting':
    case 'signOff':
      return <WhomChooser {...props} />
    case 'shelf':
      return <ShelfChooser {...props} />
    case 'link':
      return <LinkChooser {...shared} link={of.link} onChoose={(link) => onSet({ link })} />
    default:
      return null
  }
}

function WaitingDay({
  title,
  anchor,
  waiting,
  isChase,
  onSet,
  onClose,
}: ChooserProps & { title: string; waiting: Waiting; isChase: boolean }) {
  return (
    <DayChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      past={!isChase}
      date={isChase ? waiting.chaseOn : waiting.since}
      none={isChase ? 'no chasing' : undefined}
      onChoose={(date) => {
        if (isChase) onSet({ waiting: { ...waiting, chaseOn: date } })
        else if (date) onSet({ waiting: { ...waiting, since: date } })
      }}
    />
  )
}
