export { isBefore, openMoment, reminderMoment, usualLaters, whenOf, type Later } from './moment'
