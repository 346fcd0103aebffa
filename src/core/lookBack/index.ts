export {
  daysOf,
  spanAround,
  spanKinds,
  stretchesOf,
  stretchOf,
  turnedBy,
  type DaySpan,
  type SpanKind,
} from './span'
export {
  countedDay,
  lookBackOn,
  type CountedDay,
  type DayOfParts,
  type GroupDone,
  type LookBack,
  type Part,
} from './lookBack'
