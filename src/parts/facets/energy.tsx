import { energies } from '@/core/record'
import { options } from '../choosers/chooserProps'
import { ScaleChooser } from '../choosers/ScaleChooser'
import type { FacetChooser } from './facetChooser'

export const energy: FacetChooser = ({ of, onSet, ...shared }) => (
  <ScaleChooser
    {...shared}
    options={options(energies)}
    chosen={of.energy}
    none="none"
    onChoose={(chosen) => onSet({ energy: chosen })}
  />
)
