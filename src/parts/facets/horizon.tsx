import { horizonOf, withHorizon } from '@/core/action'
import { keptHorizons, type Horizon } from '@/core/record'
import { useToday } from '@/held/zen'
import { horizonWords } from '@/words'
import { options } from '../choosers/chooserProps'
import { ScaleChooser } from '../choosers/ScaleChooser'
import type { FacetChooser, FacetChooserProps } from './facetChooser'

const horizons: readonly Horizon[] = ['today', ...keptHorizons]

function HowNear({ of, onSet, ...shared }: FacetChooserProps) {
  const today = useToday()
  return (
    <ScaleChooser
      {...shared}
      options={options(horizons, horizonWords)}
      chosen={horizonOf(of, today)}
      onChoose={(chosen) => {
        if (chosen) onSet(withHorizon(of, chosen, today))
      }}
    />
  )
}
export const horizon: FacetChooser = HowNear
