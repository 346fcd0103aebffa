import { WorthChooser } from '../choosers/WorthChooser'
import type { FacetChooser } from './facetChooser'

export const worth: FacetChooser = ({ of, onSet, ...shared }) => (
  <WorthChooser
    {...shared}
    payoff={of.payoff}
    craft={of.craft}
    onChoose={(payoff, craft) => onSet({ payoff, craft })}
  />
)
