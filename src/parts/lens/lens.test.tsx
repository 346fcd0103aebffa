import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import type { ReactNode } from 'react'
import { recordsIn } from '@/core/journal'
import { emptyLens, type Lens } from '@/core/lens'
import type { Action, Id, LensRecord } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { onDemand } from '@/state/commands/onDemand'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { desk } from '@/held/desk'
import { chooseIn, hidden, press } from '@/opened/testing'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { LensTools } from './lensTools'
import { PaperRows } from '@/parts/rows/PaperRows'
import { LensSheet } from './LensSheet'

const today = calendarDateUnsafe('2026-03-11')
const lensTools = { Carrying, DropPlace, PaperRows, findRow: () => {} }
const actions = (store: TestStore) => recordsIn(store.api.getState().document, 'action')
const actionIn = (store: TestStore, title: string) =>
  actions(store).find((each) => each.title === title) as Action
const lensIn = (store: TestStore) => recordsIn(store.api.getState().document, 'lens')[0] as LensRecord
const view = (name: string) => fireEvent.click(screen.getByRole('radio', { name }))
const unfold = () => press('Change what this lens lists')
const notice = () => desk.getState().notice?.text
const settled = () => act(async () => {})

/** Four actions, and a lens over them. */
function furnish(lens: Partial<Lens>, face: Parameters<typeof onDemand.commands.addLens>[1]['face'] = {}) {
  return (store: TestStore): void => {
    store.run('addContext', { name: 'Desk' })
    const desk = recordsIn(store.api.getState().document, 'context')[0]?.id as Id<'context'>
    for (const [title, fields] of [
      ['draft', { minutes: 60, weight: 'must', contextIds: [desk] }],
      ['ring', { minutes: 10, horizon: 'today' }],
      ['order', { minutes: 10, due: { date: today, time: null } }],
      ['oil', { day: addDays(today, 2) }],
    ] as const) {
      store.clock.epochMs += 1000
      store.run('addAction', { title, ...fields } as never)
    }
    store.run('addLens', { name: 'Mine', lens: { ...emptyLens, ...lens }, face })
  }
}

async function opened(...given: Parameters<typeof furnish>) {
  function Shown({ id }: { id: LensRecord['id'] }) {
    return (
      <LensTools value={lensTools}>
        <LensSheet id={id} lenses={onDemand.lenses} isPrinting={isPrinting} onOpen={() => {}} />
      </LensTools>
    )
  }
  let id = '' as LensRecord['id']
  const furnishing = furnish(...given)
  const store = await showStation(<ByName shown={(lens) => <Shown id={lens} />} />, (fresh) => {
    furnishing(fresh)
    id = lensIn(fresh).id
    named = id
  })
  await settled()
  return store
}
let named = '' as LensRecord['id']
let isPrinting = false
const ByName = ({ shown }: { shown: (id: LensRecord['id']) => ReactNode }) => <>{shown(named)}</>

beforeEach(() => {
  isPrinting = false
  window.scrollTo = () => {}
  Object.assign(globalThis, { CSS: { escape: (text: string) => text } })
  Element.prototype.scrollTo = () => {}
  Element.prototype.scrollIntoView = () => {}
  // A box of some size: what scrolls by itself draws what it has room for.
  jest.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600)
  jest.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(900)
})
afterEach(() => jest.restoreAllMocks())

const column = (name: string) => screen.getByRole('region', { name })
const titles = (within_: HTMLElement) =>
  within(within_)
    .queryAllByRole('checkbox')
    .map((box) => box.getAttribute('aria-label'))

describe('columns', () => {
  it('stand for every step of their field; Alt and an arrow carries a thing to the next and says so', async () => {
    const store = await opened(
      { sorts: [{ by: 'title', down: false }] },
      { view: 'columns', columnsBy: 'weight' },
    )
    expect(['Must', 'Should', 'Could'].map((name) => titles(column(name)))).toEqual([
      ['draft'],
      ['oil', 'order', 'ring'],
      [],
    ])
    expect(within(column('Could')).getByText(/Drag an action here/)).toBeTruthy()
    const row = within(column('Must')).getByRole('button', { name: /^draft/ })
    fireEvent.keyDown(row, { key: 'ArrowRight', altKey: true })
    expect(actionIn(store, 'draft').weight).toBe('should')
    expect(notice()).toBe('Should: draft')
    store.undo()
    await settled()
    expect(titles(column('Must'))).toEqual(['draft'])
    // Before the first there is none.
    fireEvent.keyDown(within(column('Must')).getByRole('button', { name: /^draft/ }), {
      key: 'ArrowLeft',
      altKey: true,
    })
    expect(actionIn(store, 'draft').weight).toBe('must')
  })
  it('are limited: how many stand there of how many, and that it is too many, in words', async () => {
    const store = await opened({}, { view: 'columns', columnsBy: 'weight' })
    press('Should: 3. How many at most')
    await screen.findByRole('dialog', hidden)
    const field = within(screen.getByRole('dialog', hidden)).getByRole('textbox', {
      name: 'Any other number',
      ...hidden,
    })
    for (const wrong of ['0', '1.5', 'many', '1000']) {
      fireEvent.change(field, { target: { value: wrong } })
      fireEvent.keyDown(field, { key: 'Enter', which: 13, keyCode: 13 })
      expect(screen.getByText('Type a whole number from 1 to 999.')).toBeTruthy()
    }
    chooseIn('2')
    await settled()
    expect(lensIn(store).limits).toEqual({ 'weight should': 2 })
    press('Should: 3 of 2, too many. How many at most')
    await screen.findByRole('dialog', hidden)
    chooseIn('no limit')
    await settled()
    expect(lensIn(store).limits).toEqual({})
  })
  it('ask for the day where a column stands for several, and refuse what follows from something else', async () => {
    const store = await opened({}, { view: 'columns', columnsBy: 'day' })
    const carry = (title: string, key: string) =>
      fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^${title}`) }), {
        key,
        altKey: true,
      })
    carry('ring', 'ArrowRight')
    expect(actionIn(store, 'ring').day).toBe(addDays(today, 1))
    await settled()
    carry('ring', 'ArrowRight')
    expect(await screen.findByRole('dialog', { name: 'Planned day', ...hidden })).toBeTruthy()
    expect(actionIn(store, 'ring').day).toBe(addDays(today, 1))
  })
  it('take another field at once, kept with the lens; the details of their rows are chosen and ordered', async () => {
    const store = await opened({}, { view: 'columns', columnsBy: 'weight' })
    unfold()
    press('Columns by weight')
    await screen.findByRole('dialog', hidden)
    chooseIn('context')
    await settled()
    expect([lensIn(store).columnsBy, titles(column('Desk')), titles(column('No context')).length]).toEqual([
      'context',
      ['draft'],
      3,
    ])
    press('Details on a row')
    const dialog = await screen.findByRole('dialog', { name: 'Details on a row', ...hidden })
    const pick = (name: string) => fireEvent.click(within(dialog).getByRole('checkbox', { name, ...hidden }))
    // One more than the usual ones, which stay.
    pick('weight')
    fireEvent.click(within(dialog).getByRole('button', { name: 'weight earlier', ...hidden }))
    await settled()
    expect(onDemand.lenses.detailsIn(lensIn(store).shows).slice(-2)).toEqual(['weight', 'moved'])
    expect(within(column('Desk')).getByText('Desk · 1 h · must')).toBeTruthy()
    fireEvent.click(within(dialog).getByRole('button', { name: 'the usual ones', ...hidden }))
    expect(lensIn(store).shows).toEqual({})
  })
})

describe('a list', () => {
  it('lays a row under the next heading by keys, and arranges by hand only what is equal in every sort', async () => {
    const store = await opened({ groups: ['weight'], sorts: [{ by: 'minutes', down: false }] })
    const list = (name: string) => titles(screen.getByRole('list', { name }))
    const carry = (title: string, key: string) => {
      fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^${title}`) }), {
        key,
        altKey: true,
      })
      return settled()
    }
    expect([list('Must'), list('Should')]).toEqual([['draft'], ['ring', 'order', 'oil']])
    // Both of ten minutes: the hand decides. What has none stands behind them whatever the hand does.
    await carry('ring', 'ArrowDown')
    expect([list('Should'), notice()]).toEqual([['order', 'ring', 'oil'], 'ring: 2 of 3'])
    // Told by the order that tells them apart.
    const dropped = notice()
    await carry('oil', 'ArrowUp')
    expect(notice()).toBe(dropped)
    expect(list('Should')).toEqual(['order', 'ring', 'oil'])
    await carry('draft', 'ArrowRight')
    expect(actionIn(store, 'draft').weight).toBe('should')
    act(() => void store.undo())
    act(() => void store.undo())
    await settled()
    expect([list('Must'), list('Should')]).toEqual([['draft'], ['ring', 'order', 'oil']])
  })
  it('says in words what is not laid by hand: a band is told by what it asks', async () => {
    const store = await opened({ bands: [{ name: 'Short', where: { kind: 'minutes', from: null, to: 10 } }] })
    expect(titles(screen.getByRole('region', { name: 'Short' }))).toEqual(['ring', 'order'])
    fireEvent.keyDown(screen.getByRole('button', { name: /^order/ }), {
      key: 'ArrowRight',
      altKey: true,
    })
    expect([desk.getState().notice?.problem, notice()]).toEqual([
      true,
      expect.stringMatching(/^This band fills itself/),
    ])
    expect(actionIn(store, 'order').minutes).toBe(10)
  })
  it('is named, sealed and removed from its menu; it opens as told there on every device', async () => {
    const store = await opened({})
    unfold()
    press('This lens: name, seal, place')
    const menu = await screen.findByRole('dialog', hidden)
    fireEvent.click(within(menu).getByRole('radio', { name: 'by date', ...hidden }))
    // Told in the menu, and shown at once behind it.
    expect(lensIn(store).view).toBe('byDate')
    expect(
      screen
        .getAllByRole('radio', { name: 'by date', ...hidden })
        .map((way) => way.getAttribute('aria-checked')),
    ).toEqual(['true', 'true'])
    fireEvent.click(within(menu).getByRole('button', { name: 'Ink of the seal', ...hidden }))
    const inks = await screen.findByRole('radiogroup', { name: 'Ink of the seal', ...hidden })
    fireEvent.click(within(inks).getByRole('radio', { name: 'Ink 7', ...hidden }))
    expect(lensIn(store).ink).toBe(6)
    fireEvent.click(within(menu).getByRole('button', { name: 'Delete this lens', ...hidden }))
    fireEvent.click(within(menu).getByRole('button', { name: 'Remove it', ...hidden }))
    await settled()
    expect(screen.getByText('This lens is gone. Its actions are still there.')).toBeTruthy()
    expect(actions(store)).toHaveLength(4)
  })
})

describe('a table', () => {
  const grid = () => screen.getByRole('grid', { name: 'What this lens lists' })
  const cell = (row: string, text: RegExp) =>
    within(within(grid()).getByRole('checkbox', { name: row }).closest('[role=row]') as HTMLElement)
      .getAllByRole('gridcell')
      .flatMap((each) => [...each.querySelectorAll<HTMLElement>('[data-cell]')])
      .find((each) => text.test(each.textContent ?? '')) as HTMLElement

  it('leads by keys from cell to cell, and its focus stays with the action wherever an edit carries it', async () => {
    const store = await opened({ sorts: [{ by: 'minutes', down: false }] }, { view: 'table' })
    const first = cell('ring', /^ring$/)
    act(() => first.focus())
    const key = (name: string, options = {}) =>
      fireEvent.keyDown(document.activeElement as Element, { key: name, ...options })
    key('ArrowRight')
    expect(document.activeElement?.textContent).toMatch(/^For/)
    key('ArrowRight')
    key('ArrowRight')
    expect(document.activeElement?.textContent).toMatch(/^Minutes: 10 min/)
    key('ArrowDown')
    expect(document.activeElement).toBe(cell('order', /^Minutes/))
    key('ArrowUp')
    key('Home')
    expect(document.activeElement).toBe(first)
    key('End', { ctrlKey: true })
    expect(document.activeElement?.closest('[data-line]')).toBe(cell('oil', /^oil$/).closest('[data-line]'))
    key('Home', { ctrlKey: true })
    expect(document.activeElement).toBe(first)
    // Set by its chooser, it moves to the end of the list, and the focus with it.
    act(() => cell('ring', /^Minutes/).focus())
    key('Enter')
    await screen.findByRole('dialog', { name: 'Minutes', ...hidden })
    chooseIn('2 h')
    await settled()
    expect(actionIn(store, 'ring').minutes).toBe(120)
    expect(document.activeElement).toBe(cell('ring', /^Minutes: 2 h/))
  })
  it('has its title written where it stands: an empty one is refused and the old one stays', async () => {
    const store = await opened({}, { view: 'table' })
    const write = (row: string, text: string, end: string) => {
      act(() => cell(row, new RegExp(`^${row}$`)).focus())
      fireEvent.keyDown(document.activeElement as Element, { key: 'F2' })
      const line = screen.getByRole('textbox', { name: `Title of ${row}` })
      fireEvent.change(line, { target: { value: text } })
      fireEvent.keyDown(line, { key: end })
    }
    write('oil', '  ', 'Enter')
    expect([actionIn(store, 'oil')?.title, desk.getState().notice?.problem]).toEqual(['oil', true])
    write('oil', 'never', 'Escape')
    expect(actionIn(store, 'never')).toBeUndefined()
    write('oil', 'oil the door', 'Enter')
    expect(actionIn(store, 'oil the door')).toBeTruthy()
  })
  it('sorts by a pressed head just now, sums at its foot, and is copied out', async () => {
    const store = await opened({ sorts: [{ by: 'due', down: false }] }, { view: 'table' })
    fireEvent.click(within(screen.getByRole('columnheader', { name: 'Action' })).getByRole('button'))
    await settled()
    expect(titles(grid())).toEqual(['draft', 'oil', 'order', 'ring'])
    expect(screen.getByText('Changed on this device only.')).toBeTruthy()
    expect(Object.keys(lensIn(store).sorts)).toEqual(['due'])
    const foot = within(grid()).getByText('4 actions').closest('[role=row]') as HTMLElement
    const sums = () =>
      within(foot)
        .getAllByRole('gridcell')
        .map((each) => each.textContent)
    // They are added up after the rows are shown.
    await waitFor(() =>
      expect(sums()).toEqual(['4 actionsCopy out', 'none', '1 set', '1 h 20', '1 set', '2 set', 'none']),
    )
    const writeText = jest.fn<Promise<void>, [string]>(() => Promise.resolve())
    Object.assign(navigator, { clipboard: { writeText } })
    act(() => desk.getState().chooseToo([actionIn(store, 'draft').id, actionIn(store, 'ring').id]))
    press('Copy out')
    await settled()
    // What is chosen, or everything where nothing is.
    expect(writeText.mock.calls[0]?.[0].split('\n').map((line) => line.split('\t')[0])).toEqual([
      'Action',
      'draft',
      'ring',
    ])
    expect(notice()).toBe('Copied: 2 rows, ready to paste into a table')
    writeText.mockImplementationOnce(() => Promise.reject(new Error('no')))
    press('Copy out')
    await settled()
    expect(notice()).toMatch(/does not allow copying/)
  })
  it('is sized by arrows within bounds, and remembers that with the lens', async () => {
    const store = await opened({}, { view: 'table' })
    const edge = () => screen.getByRole('separator', { name: 'Width of Minutes' })
    const width = () => Number(edge().getAttribute('aria-valuenow'))
    const before = width()
    fireEvent.keyDown(edge(), { key: 'ArrowRight' })
    await settled()
    expect([width() - before, lensIn(store).columns.minutes?.width]).toEqual([16, width()])
    for (let turn = 0; turn < 8; turn++) {
      fireEvent.keyDown(edge(), { key: 'ArrowLeft' })
      await settled()
    }
    expect(width()).toBe(onDemand.lenses.columnWidths.least)
  })
})

describe('by date', () => {
  const days = () => screen.getAllByRole('heading', { level: 2 }).map((head) => head.textContent)
  it('stands every day of the week to come, and what is done on the day it was done', async () => {
    const store = await opened({ done: 'among' }, { view: 'byDate' })
    expect(days().slice(1)).toEqual([
      'today, Wed 11 Mar',
      'tomorrow, Thu 12 Mar',
      'Fri 13 Mar',
      'Sat 14 Mar',
      'Sun 15 Mar',
      'Mon 16 Mar',
      'Tue 17 Mar',
      'No day',
    ])
    act(() => void store.run('tick', { id: actionIn(store, 'ring').id }))
    press('See the 1 done before')
    expect(days()[1]).toBe('Done today, Wed 11 Mar')
  })
  it('lays a row on the next day by keys; not on one that has gone, and a promise is not taken back', async () => {
    const store = await opened({}, { view: 'byDate' })
    const carry = (title: string, key: string) => {
      fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^${title}`) }), {
        key,
        altKey: true,
      })
      return settled()
    }
    await carry('ring', 'ArrowRight')
    expect([actionIn(store, 'ring').day, notice()]).toEqual([addDays(today, 1), 'To tomorrow: ring'])
    await carry('oil', 'ArrowLeft')
    expect(actionIn(store, 'oil').day).toBe(addDays(today, 1))
    act(() => void store.run('moveTo', { id: actionIn(store, 'oil').id, day: addDays(today, -1) }))
    await settled()
    await carry('ring', 'ArrowLeft')
    await carry('ring', 'ArrowLeft')
    expect([actionIn(store, 'ring').day, notice()]).toEqual([
      today,
      'You can’t plan for a day that is over. Choose today or later.',
    ])
  })
})

it('remembers as what it is shown on this device, and opens as the lens says on another', async () => {
  const store = await opened({}, { view: 'columns', columnsBy: 'weight' })
  unfold()
  view('by date')
  expect([lensIn(store).view, window.localStorage.getItem(`zen-tray:lens-view:${named}`)]).toEqual([
    'columns',
    'byDate',
  ])
  expect(screen.getByRole('radio', { name: 'by date' }).getAttribute('aria-checked')).toBe('true')
})

it('is whole on paper, heading by heading, with a box for each', async () => {
  isPrinting = true
  const store = await opened(
    { groups: ['weight'], bands: [{ name: 'Now', where: { kind: 'minutes', from: null, to: 10 } }] },
    { view: 'table' },
  )
  const paper = screen.getAllByRole('article')[0] as HTMLElement
  const told = [...paper.querySelectorAll('h1, h2, h3, li')].map((each) => each.textContent)
  expect(told).toEqual([
    'Mine',
    'Now2 · 20 min',
    'Should2 · 20 min',
    expect.stringMatching(/^ring10 min/),
    expect.stringMatching(/^order10 min · due today/),
    'Everything else2 · 1 h',
    'Must1 · 1 h',
    expect.stringMatching(/^draftDesk · 1 h/),
    'Should1',
    expect.stringMatching(/^oil/),
  ])
  expect(paper.querySelectorAll('.paper-box')).toHaveLength(actions(store).length)
})
