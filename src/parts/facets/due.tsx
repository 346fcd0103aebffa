import { DayChooser } from '../choosers/DayChooser'
import type { FacetChooser } from './facetChooser'

export const due: FacetChooser = ({ of, onSet, ...shared }) => (
  <DayChooser
    {...shared}
    date={of.due?.date ?? null}
    time={of.due?.time ?? null}
    none="no day"
    note={of.due ? null : 'Does somebody expect it by then? If not, a horizon fits better than a due date.'}
    onChoose={(date, time) => onSet({ due: date && { date, time } })}
  />
)
