export { likelyFor, type Likely } from './likely'
export { compartmentOfKey, compartments, type Compartment } from './compartments'
