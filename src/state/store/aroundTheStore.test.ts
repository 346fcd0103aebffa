import { defaultSettings } from '@/core/record'
import { recordIn, type Timestamp } from '@/core/journal'
import type { Action } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { parseSentence } from '@/core/sentence/reader'
import { actOfKey, actUsing, keyActs, keymapOf, makeDeviceMemory, select } from '..'
import { makeMemoryStore } from '../persistence'
import { makeTestStore } from '../testing'

const ready = async () => {
  const store = makeTestStore()
  await store.load()
  return store
}

describe('selectors', () => {
  it('give the same list until a table they read has changed', async () => {
    const store = await ready()
    store.run('addAction', { title: 'a' })
    const document = () => store.api.getState().document
    const before = select.actionsOf(document())
    store.run('addContext', { name: 'Desk' })
    expect(select.actionsOf(document())).toBe(before)
    store.run('addAction', { title: 'b' })
    expect(select.actionsOf(document())).not.toBe(before)
    expect(select.actionsOf(document())).toHaveLength(2)
  })
  it('know every name that can be meant, and none that is over', async () => {
    const store = await ready()
    store.run('addContext', { name: 'Desk' })
    store.run('addProject', { title: 'Fenwick Hall report' })
    store.run('addProject', { title: 'Old barn survey' })
    const barn = select.projectsOf(store.api.getState().document).find(({ title }) => title.startsWith('Old'))
    store.run('setProjectState', { id: barn?.id ?? 'project:none', state: 'finished' })
    const read = (text: string) =>
      parseSentence(text, {
        today: calendarDateUnsafe('2026-03-11'),
        names: select.namesOf(store.api.getState().document),
      }).clauses.map(({ kind }) => kind)
    expect(read('tidy up, desk')).toEqual(['context'])
    expect(read('measure for Fenwick Hall')).toEqual(['project'])
    expect(read('measure for old barn survey')).toEqual([])
  })
  it('find the area of an action through its project first', async () => {
    const store = await ready()
    store.run('addArea', { name: 'Office', groupId: null })
    store.run('addArea', { name: 'House', groupId: null })
    const document = () => store.api.getState().document
    const [office, house] = select.areasOf(document())
    store.run('addProject', { title: 'Accounts', areaId: office?.id ?? null })
    const [project] = select.projectsOf(document())
    expect(
      select.areaOf(document(), { projectId: project?.id ?? null, areaId: house?.id ?? null })?.name,
    ).toBe('Office')
    expect(select.areaOf(document(), { projectId: null, areaId: house?.id ?? null })?.name).toBe('House')
    expect(select.areaOf(document(), { projectId: 'project:gone', areaId: null })).toBeUndefined()
  })
  it('lay the pile newest first', async () => {
    const store = await ready()
    for (const text of ['one', 'two', 'three']) {
      store.clock.epochMs += 1000
      store.run('setDown', { text })
    }
    expect(select.slipsOf(store.api.getState().document).map(({ text }) => text)).toEqual([
      'three',
      'two',
      'one',
    ])
  })
})

describe('the keymap', () => {
  it('has one key for each act, and no key twice', () => {
    const keys = Object.values(keyActs)
    expect(new Set(keys).size).toBe(keys.length)
  })
  it('takes changed keys, and leaves switched-off ones out', () => {
    const keymap = keymapOf({ tick: 'y', capture: null })
    expect([
      actOfKey(keymap, 'y'),
      actOfKey(keymap, ' '),
      actOfKey(keymap, 'n'),
      actOfKey(keymap, 'd'),
    ]).toEqual(['tick', null, null, 'day'])
    expect(actUsing(keymap, 'y', 'open')).toBe('tick')
    expect(actUsing(keymap, 'y', 'tick')).toBeNull()
  })
  it('is kept with the data', async () => {
    const store = await ready()
    store.run('setSettings', { keys: { tick: 'y' } })
    store.run('setSettings', { underwayLimit: 2 })
    expect(recordIn(store.api.getState().document, 'settings:main')).toEqual({
      id: 'settings:main',
      keys: { tick: 'y' },
      underwayLimit: 2,
    })
    expect(select.settingsOf(store.api.getState().document)).toMatchObject({
      keys: { tick: 'y' },
      underwayLimit: 2,
      dayStartsAtMinute: 480,
    })
  })
})

it('the first setting is undone to no settings at all, and done again; a later one leaves the first', async () => {
  const store = await ready()
  const kept = () => recordIn(store.api.getState().document, 'settings:main')
  store.run('setSettings', { underwayLimit: 2, availableMinutes: [10, 300, 300, 300, 300, 120, 60] })
  const first = kept()
  for (const _ of [1, 2]) {
    store.undo()
    expect(kept()).toBeUndefined()
    store.redo()
    expect(kept()).toEqual(first)
  }
  store.run('setSettings', { keys: { tick: 'y' } })
  store.undo()
  expect(kept()).toEqual({ ...first, keys: {} })
  store.undo()
  expect(select.settingsOf(store.api.getState().document)).toEqual(defaultSettings)
  // One that writes the same field again is not the first.
  store.run('setSettings', { underwayLimit: 2 })
  store.run('setSettings', { underwayLimit: 5 })
  store.undo()
  expect(select.settingsOf(store.api.getState().document).underwayLimit).toBe(2)
  store.undo()
  store.run('setSettings', { dayNoteBegins: '# Today' })
  expect(select.settingsOf(store.api.getState().document)).toEqual({
    ...defaultSettings,
    dayNoteBegins: '# Today',
  })
})

describe('the device’s memory', () => {
  it('writes through, reads back and forgets', () => {
    const held = new Map<string, string>()
    const storage = {
      getItem: (key: string) => held.get(key) ?? null,
      setItem: (key: string, value: string) => void held.set(key, value),
      removeItem: (key: string) => void held.delete(key),
    } as unknown as Storage
    const memory = makeDeviceMemory(() => storage)
    memory.write('draft', 'half a tho')
    expect([memory.read('draft'), [...held.keys()]]).toEqual(['half a tho', ['zen-tray:draft']])
    memory.write('draft', null)
    expect(memory.read('draft')).toBeNull()
  })
  it('lasts as long as the page where the browser refuses', () => {
    const memory = makeDeviceMemory(() => {
      throw new DOMException('no', 'SecurityError')
    })
    memory.write('draft', 'half a tho')
    expect(memory.read('draft')).toBe('half a tho')
    memory.write('draft', null)
    expect(memory.read('draft')).toBeNull()
  })
  const handed = () => {
    const held = new Map<string, string>()
    const storage = {
      get length() {
        return held.size
      },
      key: (index: number) => [...held.keys()][index] ?? null,
      getItem: (key: string) => held.get(key) ?? null,
      setItem: (key: string, value: string) => void held.set(key, value),
      removeItem: (key: string) => void held.delete(key),
    } as Storage
    const { typed } = makeDeviceMemory(() => storage)
    let resolve: (isKept: boolean) => void = () => {}
    const promise = new Promise<boolean>((done) => (resolve = done))
    typed.write('a note', 'half a tho')
    typed.handOver('a note', promise)
    const settle = async (isKept: boolean) => (resolve(isKept), await promise)
    return { typed, settle, next: () => makeDeviceMemory(() => storage).typed.read('a note') }
  }
  it('what is typed and in the store is read there alone, and found by the next page until it is kept', async () => {
    const { typed, settle, next } = handed()
    expect([typed.read('a note'), next()]).toEqual([null, 'half a tho'])
    await settle(true)
    expect([typed.read('a note'), next()]).toEqual([null, null])
  })
  it('what could not be kept is left to the next page; what was typed meanwhile stays', async () => {
    const refused = handed()
    await refused.settle(false)
    expect([refused.typed.read('a note'), refused.next()]).toEqual([null, 'half a tho'])
    const goesOn = handed()
    goesOn.typed.write('a note', 'half a thought')
    await goesOn.settle(true)
    expect([goesOn.typed.read('a note'), goesOn.next()]).toEqual(['half a thought', 'half a thought'])
  })
  it('what closed tabs have left is told to what was typed there, and to nothing else', () => {
    const { typed } = handed()
    const told: string[] = []
    typed.subscribe('a note', () => told.push('a note'))
    typed.subscribe('a title', () => told.push('a title'))
    typed.renameTab('two')
    typed.write('a title', 'mine')
    typed.adopt(['one'])
    expect([told, typed.read('a note'), typed.read('a title')]).toEqual([['a note'], 'half a tho', 'mine'])
  })
})

it('the day turns when the clock says so, and only then', async () => {
  const store = await ready()
  const seen: string[] = []
  store.api.subscribe(({ today }) => seen.push(today))
  store.turnDay()
  store.clock.epochMs += 14 * 3_600_000
  store.turnDay()
  store.clock.epochMs += 2 * 3_600_000
  store.turnDay()
  expect(seen).toEqual(['2026-03-12'])
})
it('history tells of a record from the first slip on, compacted or not', async () => {
  const store = await ready()
  store.run('setDown', { text: 'sign the draft' })
  const [slip] = select.slipsOf(store.api.getState().document)
  store.run('sortAsAction', { slipId: slip?.id ?? 'slip:none', fields: { title: 'sign the draft' } })
  const [action] = select.actionsOf(store.api.getState().document)
  store.run('pick', { id: action?.id ?? 'action:none' })
  store.run('setDown', { text: 'another thing' })
  const acts = (await store.historyOf([slip?.id ?? '', action?.id ?? ''])).map(({ act }) => act)
  expect(acts).toEqual(['setDown', 'sortAsAction', 'pick'])
})

it('a long note typed for ten minutes keeps at most twice its length', async () => {
  const kept = makeMemoryStore()
  const store = makeTestStore(kept)
  await store.load()
  store.run('addAction', { title: 'write it all down' })
  const { id } = select.actionsOf(store.api.getState().document)[0] as Action
  await store.settled()
  const before = [...kept.held.values()].join('').length
  let note = ''
  let continuing: Timestamp | undefined
  // A pause each second.
  for (let second = 0; second < 600; second++) {
    note += `what was thought in second ${second}, `
    store.clock.epochMs += 1000
    store.run('editAction', { id, patch: { note } }, { continuing })
    continuing = store.api.getState().recent.at(-1)?.stamp
    if (second % 7 === 0) await store.settled()
  }
  await store.settled()
  expect([...kept.held.values()].join('').length - before).toBeLessThan(2 * note.length)
  const again = makeTestStore(kept)
  await again.load()
  expect(select.actionsOf(again.api.getState().document)[0]?.note).toBe(note)
})
