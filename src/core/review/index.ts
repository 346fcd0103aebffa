export { aimedWeekOf, thursdayOf } from './aimedWeek'
export {
  aimsOf,
  doneBetween,
  lastSevenDays,
  nextActions,
  projectsWithoutNextAction,
  reviewFiguresOf,
  somedayOf,
  waitingOf,
} from './weeklyReview'
