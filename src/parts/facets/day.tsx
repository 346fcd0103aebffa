import { laidOn, laidOnDay } from '@/core/action'
import { useToday } from '@/held/zen'
import { DayChooser } from '../choosers/DayChooser'
import type { FacetChooser, FacetChooserProps } from './facetChooser'

function PlannedDay({ of, onSet, ...shared }: FacetChooserProps) {
  const today = useToday()
  return (
    <DayChooser
      {...shared}
      date={laidOn(of)}
      none="no day"
      note={of.due && of.due.date >= today ? 'A day after the due date moves the due date too.' : null}
      onChoose={(date) => onSet(laidOnDay(of, date))}
    />
  )
}
export const day: FacetChooser = PlannedDay
