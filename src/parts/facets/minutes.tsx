import { MinutesChooser } from '../choosers/ScaleChooser'
import type { FacetChooser } from './facetChooser'

export const minutes: FacetChooser = ({ of, onSet, ...shared }) => (
  <MinutesChooser {...shared} minutes={of.minutes} onChoose={(chosen) => onSet({ minutes: chosen })} />
)
