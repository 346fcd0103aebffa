// People: what is known of them, what to raise with them, and who owes whom.
export { ageOn, factDateOf, keptDate, nextFactDate, readFactDate, type FactDate } from './factDate'
export { owedOf, type Owed } from './owed'
export { factOf, hrefOfFact, readFact, type FactSaid } from './readFact'
export { readSaidOfPeople, type SaidOfPeople, type Whom } from './readSaid'
