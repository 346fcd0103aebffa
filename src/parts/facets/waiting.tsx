import { DayChooser } from '../choosers/DayChooser'
import { WhomChooser } from '../choosers/WhoChoosers'
import type { FacetChooser } from './facetChooser'

export const waiting: FacetChooser = (props) => <WhomChooser {...props} toSignOff={false} />
export const signOff: FacetChooser = (props) => <WhomChooser {...props} toSignOff />

/** A day of its waiting: nothing is chosen where it does not wait. */
export const since: FacetChooser = ({ of: { waiting: stands }, onSet, ...shared }) =>
  stands ? (
    <DayChooser
      {...shared}
      past
      date={stands.since}
      onChoose={(date) => {
        if (date) onSet({ waiting: { ...stands, since: date } })
      }}
    />
  ) : null

export const chase: FacetChooser = ({ of: { waiting: stands }, onSet, ...shared }) =>
  stands ? (
    <DayChooser
      {...shared}
      date={stands.chaseOn}
      none="no chasing"
      onChoose={(date) => onSet({ waiting: { ...stands, chaseOn: date } })}
    />
  ) : null
