// The same as a file, for the browser.
import { largeCalendar } from './largeCalendar'

process.stdout.write(largeCalendar())
