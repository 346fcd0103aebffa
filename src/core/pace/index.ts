export { finishRange, type FinishAsked, type FinishRange } from './finishRange'
export {
  enoughToTell,
  paceWeeks,
  weekEdges,
  weeklyMinutes,
  weeksLookedAt,
  type DonePart,
} from './weeklyMinutes'
