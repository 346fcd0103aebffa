// A project came to stand in a stage; it left it where the next begins, or when it ended.
import { epochMs, kind, ref } from './field'

export const passage = kind({
  projectId: ref(['project'], 'delete'),
  /** It tells of a time that was, whatever became of the stage. */
  stageId: ref(['stage'], 'keep'),
  enteredAtEpochMs: epochMs,
})
