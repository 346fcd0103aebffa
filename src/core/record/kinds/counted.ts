// A date that a template gives, counted from a blank or from the day the template is used.
import { countedFields } from '../scales'
import { count, kind, nullable, oneOf, ref, time, variant } from './field'

const steps = (most: number) => count({ min: -most, max: most })

export const counted = kind({
  /** What it is given to: one of the two; the project is the template itself, or a part of it. */
  actionId: nullable(ref(['action'], 'delete')),
  projectId: nullable(ref(['project'], 'delete')),
  field: oneOf(countedFields),
  blankId: nullable(ref(['blank'], 'clear')),
  /** How far it is from the date it is counted from; negative is before. */
  shift: variant('by', {
    days: { steps: steps(3660) },
    workdays: { steps: steps(1000) },
    months: { steps: steps(240) },
    /** The first, second … of a weekday after it, or before it. */
    weekday: { weekday: count({ max: 6 }), steps: steps(60) },
  }),
  time: nullable(time),
})
