import { makeDeviceMemory } from './deviceMemory'
import { makeMemoryStore } from '../persistence'
import { makeTypedMirror } from './typedMirror'

function storageOver(held: Map<string, string>): Storage {
  return {
    get length() {
      return held.size
    },
    key: (index: number) => [...held.keys()][index] ?? null,
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => void held.set(key, value),
    removeItem: (key: string) => void held.delete(key),
  } as Storage
}

/** A browser: what is on its disk of local storage lags behind what the page sees, and is all that a kill leaves. */
function browser() {
  const [seen, disk] = [new Map<string, string>(), new Map<string, string>()]
  const kept = makeMemoryStore()
  const open = (over: Map<string, string>) => {
    const timers: (() => void)[] = []
    const mirror = makeTypedMirror(kept, (flush) => timers.push(flush))
    const memory = makeDeviceMemory(() => storageOver(over), 'one', mirror.note)
    return { memory, mirror, pass: () => timers.splice(0).forEach((flush) => flush()) }
  }
  const writeDisk = () => {
    disk.clear()
    seen.forEach((value, key) => disk.set(key, value))
  }
  return { first: open(seen), writeDisk, again: () => open(new Map(disk)) }
}

it('a line that was typed and never reached the disk of local storage is there after a kill', async () => {
  const { first, writeDisk, again } = browser()
  first.memory.typed.write('draft', 'ring O')
  first.memory.typed.write('note', 'set down before')
  first.pass()
  writeDisk()
  first.memory.typed.write('draft', 'ring Oda about the g')
  first.memory.typed.write('note', null)
  first.pass()
  first.memory.typed.write('draft', 'ring Oda about the glaze')
  const next = again()
  const told: string[] = []
  next.memory.typed.subscribe('draft', () => told.push('draft'))
  expect(next.memory.typed.read('draft')).toBe('ring O')
  next.memory.typed.restore(await next.mirror.all())
  expect([next.memory.typed.read('draft'), next.memory.typed.read('note'), told]).toEqual([
    'ring Oda about the g',
    null,
    ['draft'],
  ])
})

it('what has been typed since the start is never overwritten, nor what is newer in local storage', async () => {
  const { first, writeDisk, again } = browser()
  first.memory.typed.write('draft', 'older')
  first.pass()
  first.memory.typed.write('draft', 'newer')
  writeDisk()
  const next = again()
  next.memory.typed.restore(await next.mirror.all())
  expect(next.memory.typed.read('draft')).toBe('newer')
  first.memory.typed.write('title', 'half')
  first.pass()
  const third = again()
  third.memory.typed.write('title', 'typed meanwhile')
  third.memory.typed.restore(await third.mirror.all())
  expect(third.memory.typed.read('title')).toBe('typed meanwhile')
})
