// Which key does what. One letter each; every one can be changed or switched off (kept in the settings).

export const keyActs = {
  capture: 'n',
  search: '/',
  tray: 't',
  day: 'd',
  week: 'w',
  shelves: 's',
  review: 'r',
  next: 'j',
  previous: 'k',
  tick: ' ',
  open: 'Enter',
  amend: 'a',
  move: 'm',
  horizon: 'h',
  pick: 'p',
  underway: 'u',
  choose: 'v',
  undo: 'z',
  redo: 'Z',
  help: '?',
} as const
export type KeyAct = keyof typeof keyActs

export type Keymap = Readonly<Record<KeyAct, string | null>>

export const keymapOf = (changed: Readonly<Record<string, string | null>>): Keymap =>
  Object.fromEntries(
    Object.entries(keyActs).map(([act, key]) => [act, Object.hasOwn(changed, act) ? changed[act] : key]),
  ) as unknown as Keymap

/** The act of a pressed key, if any. */
export const actOfKey = (keymap: Keymap, key: string): KeyAct | null =>
  (Object.keys(keymap) as KeyAct[]).find((act) => keymap[act] === key) ?? null

/** The act that already uses a key, other than `except`. */
export const actUsing = (keymap: Keymap, key: string, except: KeyAct): KeyAct | null =>
  (Object.keys(keymap) as KeyAct[]).find((act) => act !== except && keymap[act] === key) ?? null
