export {
  outlineOf,
  placeBack,
  placeBehind,
  placeBeside,
  placeDeeper,
  withAllUnder,
  type OutlineRow,
  type StepPlace,
} from './outline'
export { pastedSteps, type StepLine } from './pastedSteps'
