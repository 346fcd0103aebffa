// What is asked when a template is used; `‹name›` stands for it in titles and notes.
import { blankKinds } from '../scales'
import { kind, oneOf, rank, ref, title } from './field'

export const blank = kind({
  /** The template. */
  projectId: ref(['project'], 'delete'),
  name: title(),
  kind: oneOf(blankKinds),
  rank,
})
