import { weights } from '@/core/record'
import { options } from '../choosers/chooserProps'
import { ScaleChooser } from '../choosers/ScaleChooser'
import type { FacetChooser } from './facetChooser'

export const weight: FacetChooser = ({ of, onSet, ...shared }) => (
  <ScaleChooser
    {...shared}
    options={options(weights)}
    chosen={of.weight}
    onChoose={(chosen) => {
      if (chosen) onSet({ weight: chosen })
    }}
  />
)
