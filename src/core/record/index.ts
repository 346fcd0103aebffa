// The light face of the records. Schemas and parseRecord are reached through exchange, which loads them when needed.
export { defaultSettings } from './defaultSettings'
export { isIdOf, kindOf, kinds, noteLimit, titleLimit, type Id, type RecordKind } from './ids'
export { stampLimit, textLimits, tooLongIn, type TooLong } from './tooLong'
export {
  energies,
  inkCount,
  keptHorizons,
  projectStates,
  sides,
  stones,
  weights,
  type Energy,
  type Horizon,
  type KeptHorizon,
  type ProjectState,
  type Side,
  type Stone,
  type Weight,
} from './scales'
export type {
  Action,
  AnyRecord,
  Area,
  Context,
  Group,
  Person,
  Project,
  RecordOf,
  Reference,
  Review,
  ReviewFigures,
  KeptSettings,
  Settings,
  Slip,
  Waiting,
  When,
} from './shapes'
export { fromMembers, inMemberOrder, memberFieldsOf, membersOf, type MemberShape } from './memberwise'
export { compareRanks, isRank, rankBetween, rankOfNumber, ranksInOrder } from './rank'
