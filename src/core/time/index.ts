export {
  addDays,
  addMonths,
  calendarDateFrom,
  calendarDateUnsafe,
  daysBetween,
  isCalendarDate,
  isoWeekOf,
  lastDayOfMonth,
  monthsAround,
  weekdayOf,
  weekStartOf,
  type CalendarDate,
} from './calendarDate'
export { fromMinute, isClockTime, toMinute, type ClockTime } from './clockTime'
export { epochMsAt, localMomentAt, minuteAfterStart, msUntilMidnight, type LocalMoment } from './localMoment'
