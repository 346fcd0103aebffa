import type { KindWords } from './kindWords'

export const passage: KindWords<'passage'> = {
  singular: 'step through the stages',
  plural: 'steps through the stages',
  fields: {
    projectId: null,
    stageId: null,
    enteredAtEpochMs: null,
  },
}
