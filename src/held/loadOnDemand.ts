// What the start does not need loads later. Where that fails it is said, and tried again: nothing that depends on it
// goes missing in silence.
import { notLoadedWords } from '@/words/keeping'
import { desk } from './desk'

/** How long to wait before each next try, in milliseconds; the last holds from then on. */
const waits = [2_000, 10_000, 60_000] as const

/** Settles after a while, or as soon as there is a connection again. */
const worthATry = (tries: number): Promise<void> =>
  new Promise((settle) => {
    const done = () => {
      window.removeEventListener('online', done)
      clearTimeout(timer)
      settle()
    }
    const timer = setTimeout(done, waits[Math.min(tries, waits.length - 1)])
    window.addEventListener('online', done)
  })

/** Loads a part of the application, however often that takes. Never rejects. */
export async function loadOnDemand<T>(load: () => Promise<T>): Promise<T> {
  for (let tries = 0; ; tries++) {
    try {
      return await load()
    } catch {
      if (tries === 0) desk.getState().tell(notLoadedWords, { problem: true })
      await worthATry(tries)
    }
  }
}
