import { LinkChooser } from '../choosers/LinkChooser'
import type { FacetChooser } from './facetChooser'

export const link: FacetChooser = ({ of, onSet, ...shared }) => (
  <LinkChooser {...shared} link={of.link} onChoose={(chosen) => onSet({ link: chosen })} />
)
