import type { KindWords } from './kindWords'

export const passage: KindWords<'passage'> = {
  one: 'step through the stages',
  many: 'steps through the stages',
  fields: {
    projectId: null,
    stageId: null,
    enteredAtEpochMs: null,
  },
}
