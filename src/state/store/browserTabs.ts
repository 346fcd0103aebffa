// What the browser offers for tabs to know of each other: a channel, and a name for each tab that lasts over a reload.
import type { TabChannel, TabMessage } from './clock'
import type { DeviceMemory } from './deviceMemory'

const mark = 'zen-tray:news'
const tabKey = 'zen-tray:tab'
const tabLock = (tab: string): string => `zen-tray-tab-${tab}`

/** Tabs tell each other directly, or where the browser has no channel, through a mark in its local storage. */
export const makeTabChannel = (name: string): TabChannel =>
  typeof BroadcastChannel === 'undefined' ? makeMarkChannel() : makeBroadcast(new BroadcastChannel(name))

function makeBroadcast(channel: BroadcastChannel): TabChannel {
  return {
    post: (message) => channel.postMessage(message),
    listen(hear) {
      const listener = (event: MessageEvent<TabMessage>) => hear(event.data)
      channel.addEventListener('message', listener)
      return () => channel.removeEventListener('message', listener)
    },
  }
}

/** Says only that there is something to look at: what it is stands in the store. */
function makeMarkChannel(): TabChannel {
  let count = 0
  return {
    post({ kind }) {
      try {
        window.localStorage.setItem(mark, `${kind} ${performance.now()} ${count++}`)
      } catch {
        // Without local storage a tab looks again when it is looked at.
      }
    },
    listen(hear) {
      const listener = ({ key, newValue }: StorageEvent) => {
        if (key === mark) hear({ kind: newValue?.startsWith('wiped') ? 'wiped' : 'more' })
      }
      window.addEventListener('storage', listener)
      return () => window.removeEventListener('storage', listener)
    },
  }
}

/** A name that lasts, made when it is first asked for. */
export function lastingName(storage: () => Storage, key: string, make: () => string): string {
  try {
    const kept = storage().getItem(key)
    if (kept) return kept
    const made = make()
    storage().setItem(key, made)
    return made
  } catch {
    return make()
  }
}

/** Without locks there is no telling which tabs are open: they then share what is typed. */
export const firstTabName = (make: () => string): string =>
  navigator.locks ? lastingName(() => window.sessionStorage, tabKey, make) : 'one'

/** Holds a lock for as long as the page lives; false where another tab holds it. */
const hold = (tab: string): Promise<boolean> =>
  new Promise((resolve) => {
    void navigator.locks
      .request(tabLock(tab), { ifAvailable: true }, (lock) => {
        resolve(lock !== null)
        return lock ? new Promise(() => {}) : undefined
      })
      .catch(() => resolve(true))
  })

/**
 * Holds this tab's name. A tab that was made as a copy of another takes a name of its own; what tabs have left that
 * are no longer open is taken over.
 */
export async function keepTabName({ typed }: DeviceMemory, first: string, make: () => string): Promise<void> {
  if (!navigator.locks) return
  let tab = first
  if (!(await hold(tab))) {
    tab = make()
    window.sessionStorage.setItem(tabKey, tab)
    typed.renameTab(tab)
    await hold(tab)
  }
  await adoptFromClosed(typed, tab)
  // A tab that is closed at this very moment lets go of its name a little later.
  setTimeout(() => void adoptFromClosed(typed, tab).catch(() => {}), 1500)
}

async function adoptFromClosed(typed: DeviceMemory['typed'], tab: string): Promise<void> {
  const { held = [] } = await navigator.locks.query()
  const open = new Set(held.map(({ name }) => name))
  typed.adopt(typed.tabs().filter((other) => other !== tab && !open.has(tabLock(other))))
}
