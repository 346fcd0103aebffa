import { DayChooser } from '../choosers/DayChooser'
import type { FacetChooser } from './facetChooser'

export const notBefore: FacetChooser = ({ of, onSet, ...shared }) => (
  <DayChooser
    {...shared}
    date={of.notBefore}
    none="not hidden"
    onChoose={(date) => onSet({ notBefore: date })}
  />
)
