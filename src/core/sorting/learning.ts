// What learns, apart from the compartments themselves: loaded where it is sorted, and in the worker.
export { decisionsIn, learnJournal, learnFrom } from './decisions'
export {
  facets,
  makeLearner,
  nothingLearned,
  type Decision,
  type Facet,
  type Learner,
  type LearnerState,
  type Suggestion,
} from './learner'
