import { MinutesChooser } from '../choosers/ScaleChooser'
import { OwnPace } from '../choosers/OwnPace'
import type { FacetChooser } from './facetChooser'

export const minutes: FacetChooser = ({ of, onSet, ...shared }) => {
  const use = (chosen: number | null) => onSet({ minutes: chosen })
  return (
    <MinutesChooser {...shared} minutes={of.minutes} onChoose={use}>
      {(choose) => <OwnPace of={of} onUse={choose} />}
    </MinutesChooser>
  )
}
