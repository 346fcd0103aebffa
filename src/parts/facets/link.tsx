import { LineChooser } from '../choosers/LineChooser'
import type { FacetChooser } from './facetChooser'

/** Only web links become links that can be followed; anything else is kept as it is. */
export const link: FacetChooser = ({ of, onSet, ...shared }) => (
  <LineChooser
    {...shared}
    label="Link"
    placeholder="https://…"
    text={of.link ?? ''}
    onChoose={(text) => onSet({ link: text === '' ? null : text })}
  />
)
