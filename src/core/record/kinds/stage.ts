// A step of the way that the projects of an area go, or the parts of a project: first call, offer, agreed.
import { count, kind, nullable, rank, ref, title } from './field'

export const stage = kind({
  /** Whose stage it is: one of the two. */
  areaId: nullable(ref(['area'], 'delete')),
  projectId: nullable(ref(['project'], 'delete')),
  name: title(),
  /** So many projects should stand there at most. */
  limit: nullable(count({ min: 1, max: 999, expected: 'expected fewer' })),
  rank,
})
