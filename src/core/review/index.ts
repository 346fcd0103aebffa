export { aimedWeekOf, aimsOf, thursdayOf } from './aimedWeek'
export { doneBetween, lastSevenDays } from './doneBetween'
export { nextActions } from './nextActions'
export { projectsWithoutNextAction, reviewFiguresOf, somedayOf, waitingOf } from './weeklyReview'
