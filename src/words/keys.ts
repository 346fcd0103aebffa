// What each key does.
import { type KeyAct } from '@/state'

export const keyWords: Readonly<Record<KeyAct, string>> = {
  capture: 'Add to the Tray',
  search: 'Search',
  tray: 'Tray',
  day: 'Day',
  week: 'Week',
  shelves: 'Shelves',
  review: 'Review',
  next: 'Next row',
  previous: 'Row before',
  tick: 'Done, or reopen',
  open: 'Open',
  amend: 'Say what to change',
  choose: 'Select several',
  move: 'Move to a day',
  horizon: 'Change the horizon',
  underway: 'Start or pause',
  pick: 'Pick or unpick for today',
  undo: 'Undo',
  redo: 'Redo',
  help: 'Keys and help',
}
