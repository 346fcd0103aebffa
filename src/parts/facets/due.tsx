import { useFitsFrom } from '@/held/useFit'
import { useToday } from '@/held/zen'
import { nearDate } from '@/words'
import { DayChooser } from '../choosers/DayChooser'
import type { FacetChooser, FacetChooserProps } from './facetChooser'

const unsaid = 'Does somebody expect it by then? If not, a horizon fits better than a due date.'

/** From which day on it fits before anything is promised: "Fits from Thu 12 Mar on." */
function useFitsWords({ id, minutes, due }: FacetChooserProps['of'] & { readonly id?: string }): string {
  const today = useToday()
  const date = useFitsFrom({ id: id ?? 'action:new', minutes, date: due?.date ?? today, minute: 1440 })
  if (date === null) return ''
  return date === today ? 'Fits today.' : `Fits from ${nearDate(date, today)} on.`
}

function DueChooser({ of, onSet, ...shared }: FacetChooserProps) {
  const fits = useFitsWords(of)
  return (
    <DayChooser
      {...shared}
      date={of.due?.date ?? null}
      time={of.due?.time ?? null}
      none="no day"
      note={[of.due ? '' : unsaid, fits].filter(Boolean).join(' ') || null}
      onChoose={(date, time) => onSet({ due: date && { date, time } })}
    />
  )
}

export const due: FacetChooser = DueChooser
