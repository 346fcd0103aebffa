export { compartmentOfKey, compartments, type Compartment } from './compartments'
