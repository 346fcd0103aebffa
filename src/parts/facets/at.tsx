import { DayChooser } from '../choosers/DayChooser'
import type { FacetChooser } from './facetChooser'

export const at: FacetChooser = ({ of, onSet, ...shared }) => (
  <DayChooser
    {...shared}
    date={of.at?.date ?? null}
    time={of.at?.time ?? null}
    none="not fixed"
    onChoose={(date, time) => onSet({ at: date && { date, time }, day: null })}
  />
)
