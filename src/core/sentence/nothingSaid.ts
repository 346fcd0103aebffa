import type { Draft } from './draftOf'

/** A draft of a sentence that says nothing besides its title. */
export const nothingSaid: Omit<Draft, 'title'> = {
  due: null,
  notBefore: null,
  at: null,
  day: null,
  horizon: null,
  minutes: null,
  weight: null,
  energy: null,
  contextIds: [],
  projectId: null,
  areaId: null,
  personIds: [],
  waiting: null,
  link: null,
  payoff: null,
  craft: null,
  repeat: null,
  reminders: [],
  steps: [],
}
