// What each key does.
import { type KeyAct } from '@/state'

export const keyWords: Readonly<Record<KeyAct, string>> = {
  capture: 'Set something down',
  search: 'Search',
  tray: 'Tray',
  day: 'Day',
  week: 'Week',
  shelves: 'Shelves',
  review: 'Review',
  next: 'Next row',
  previous: 'Row before',
  tick: 'Done, or open again',
  open: 'Open',
  amend: 'Say what changes',
  choose: 'Choose several',
  move: 'Move to a day',
  horizon: 'Change the horizon',
  underway: 'Start or stop',
  pick: 'Pick or unpick for today',
  undo: 'Undo',
  redo: 'Redo',
  help: 'This sheet',
}
