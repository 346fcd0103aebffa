// The light face of the records. Schemas and parseRecord are reached through exchange, which loads them when needed.
export { defaultSettings } from './defaultSettings'
export { isIdOf, kindOf, kinds, noteLimit, titleLimit, type Id, type RecordKind } from './ids'
export { stampLimit, textLimits, tooLongIn, type TooLong } from './tooLong'
export {
  energies,
  inkCount,
  keptHorizons,
  levels,
  projectStates,
  readingStates,
  sides,
  stones,
  weights,
  type Energy,
  type Horizon,
  type KeptHorizon,
  type Level,
  type ProjectState,
  type ReadingState,
  type Side,
  type Stone,
  type Weight,
} from './scales'
export type {
  Action,
  AnyRecord,
  Area,
  Aside,
  Context,
  FileRecord,
  Group,
  OwnerId,
  Person,
  Project,
  Reading,
  RecordOf,
  Reference,
  Remark,
  Reminder,
  Repeat,
  Review,
  ReviewFigures,
  KeptSettings,
  Settings,
  Slip,
  Spell,
  Step,
  Waiting,
  When,
} from './shapes'
export { fromMembers, inMemberOrder, memberFieldsOf, membersOf, type MemberShape } from './memberwise'
export { compareRanks, isRank, rankBetween, rankOfNumber, ranksInOrder } from './rank'
