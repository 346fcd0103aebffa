// What each compartment has room for of what a sentence says.
import { nothingSaid, type Draft } from '../sentence'
import type { Compartment } from './compartments'

/** A list after a colon, as a project takes it. */
export type ListAs = 'actions' | 'anyOrder' | 'steps'

/** What each compartment keeps of a draft. An action can hold all of it. */
const fieldsOf: Readonly<Record<Compartment, (draft: Draft) => Draft>> = {
  action: (draft) => draft,
  twoMinutes: (draft) => draft,
  handOver: (draft) => draft,
  letGo: (draft) => draft,
  notBefore: (draft) => {
    const notBefore = draft.notBefore ?? draft.day ?? draft.at?.date ?? null
    return { ...draft, day: null, notBefore }
  },
  someday: (draft) => ({ ...draft, day: null, horizon: 'someday' }),
  project: ({ title, due, areaId, personIds, steps }) => ({
    ...nothingSaid,
    title,
    due: due && { date: due.date, time: null },
    areaId,
    personIds,
    steps,
  }),
  reference: ({ title, link, projectId, areaId }) => ({
    ...nothingSaid,
    title,
    link,
    projectId,
    areaId,
  }),
  reading: ({ title, link, projectId, areaId, minutes }) => ({
    ...nothingSaid,
    title,
    link,
    projectId,
    areaId,
    minutes,
  }),
}

/** The fields of a draft that a compartment keeps; those it has no place for are empty. */
export const fieldsFor = (compartment: Compartment, draft: Draft): Draft => fieldsOf[compartment](draft)
