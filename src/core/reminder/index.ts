export { isBefore, openMoment, reminderMoment, usualSnoozes, whenOf, type Snooze } from './moment'
