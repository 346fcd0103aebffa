import { address } from '../../../test/standIns/expoRouter'
import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Area, Group, Project } from '@/core/record'
import { select } from '@/state'
import type { TestStore } from '@/state/testing'
import { OpenedContext } from '@/opened/OpenedContext'
import { OpenedPerson } from '@/opened/person/OpenedPerson'
import { OpenedProject } from '@/opened/project/OpenedProject'
import { chooseIn, hidden } from '@/opened/testing'
import { OpenedShelf } from '@/opened/OpenedShelf'
import { desk } from '@/held/desk'
import { showStation } from '@/frame/testing'
import { useHeld } from '@/held/zen'
import { MoreSheet } from '@/sheets/MoreSheet'
import { ShelvesStation } from './ShelvesStation'

const today = '2026-03-11' as never

const part = (view: string, name: string) => {
  fireEvent.click(screen.getByRole('tab', { name: view }))
  fireEvent.click(screen.getByRole('radio', { name }))
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const write = (name: string, text: string) =>
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value: text } })
const documentOf = (store: TestStore) => store.api.getState().document
const titlesIn = (list: string) =>
  within(screen.getByRole('list', { name: list }))
    .getAllByRole('listitem')
    .map((item) => item.textContent ?? '')

function furnish(store: TestStore): void {
  store.run('addGroup', { name: 'Practice', side: 'work' })
  store.run('addGroup', { name: 'Home', side: 'private' })
  const [practice, home] = select.groupsOf(documentOf(store)) as [Group, Group]
  store.run('addArea', { name: 'Office', groupId: practice.id })
  store.run('addArea', { name: 'House', groupId: home.id })
  const [office] = select.areasOf(documentOf(store)) as [Area]
  store.run('addProject', { title: 'Accounts', areaId: office.id, outcome: 'Filed by May' })
  store.run('addProject', { title: 'New page', areaId: office.id })
  const [accounts] = select.projectsOf(documentOf(store)) as [Project]
  store.run('addAction', { title: 'sort receipts', projectId: accounts.id, minutes: 45 })
}

describe('the shelves', () => {
  it('begin with a group, then an area, then a project', async () => {
    const store = await showStation(<ShelvesStation />)
    press('New group')
    write('New group', 'Practice')
    press('Save')
    press('New area in Practice')
    write('New area in Practice', 'Office')
    press('Save')
    press('New project in Office')
    write('New project in Office', 'Accounts')
    press('Save')
    expect(recordsIn(documentOf(store), 'project')).toMatchObject([
      { title: 'Accounts', areaId: recordsIn(documentOf(store), 'area')[0]?.id },
    ])
    expect(titlesIn('Projects in Office')[0]).toContain('no next action')
  })
  it('show each project with its outcome and its next action, or say that there is none', async () => {
    await showStation(<ShelvesStation />, furnish)
    const [accounts, page] = titlesIn('Projects in Office')
    expect(accounts).toContain('Filed by May')
    expect(accounts).toContain('sort receipts')
    expect(page).toContain('no next action')
    expect(screen.getByRole('button', { name: /^Office/ }).textContent).toContain(
      '2 projects · 1 action · 45 min',
    )
  })
  it('tell what is meant for this week, what has no next action, and when they are to be looked through', async () => {
    const store = await showStation(<ShelvesStation />, furnish)
    const face = () => screen.getByRole('button', { name: /^Office/ }).textContent
    expect(face()).toContain('1 without a next action')
    expect([face()?.includes('this week'), face()?.includes('looked through')]).toEqual([false, false])
    const [office] = select.areasOf(documentOf(store)) as [Area]
    const [action] = recordsIn(documentOf(store), 'action')
    await act(async () => {
      store.run('setHorizon', { id: action?.id ?? 'action:none', horizon: 'week' })
      store.run('editArea', { id: office.id, patch: { everyWeeks: 4 } })
    })
    expect(face()).toContain('45 min this week')
    expect(face()).toContain('to be looked through')
    await act(async () => void store.run('editArea', { id: office.id, patch: { lookedOn: today } }))
    expect(face()).not.toContain('to be looked through')
    expect(face()).toContain('looked through today')
  })
  it('are folded, and stand denser, on this device', async () => {
    const store = await showStation(<ShelvesStation />, furnish)
    press('Fold Office')
    expect(screen.queryByRole('list', { name: 'Projects in Office' })).toBeNull()
    press('Unfold Office')
    press('View')
    press('Denser')
    await screen.findByRole('button', { name: /^Accounts/ })
    expect(titlesIn('Projects in Office')).toEqual(['Accountssort receipts', 'New pageno next action'])
    press('Fold Practice')
    expect(screen.queryByRole('button', { name: /^Office/ })).toBeNull()
    expect(recordsIn(documentOf(store), 'area')).toHaveLength(2)
  })
  it('carry by keys: earlier and later, and from area to area', async () => {
    const store = await showStation(<ShelvesStation />, furnish)
    const carry = (name: RegExp, key: string) =>
      fireEvent.keyDown(screen.getByRole('button', { name }), { key, altKey: true })
    carry(/^Accounts/, 'ArrowRight')
    expect(titlesIn('Projects in Office')[0]).toContain('New page')
    carry(/^Accounts/, 'ArrowDown')
    expect(titlesIn('Projects in House')[0]).toContain('Accounts')
    expect(screen.getAllByText(/House: Accounts/)).not.toEqual([])
    carry(/^House/, 'ArrowUp')
    carry(/^Open Home/, 'ArrowUp')
    expect(select.groupsOf(documentOf(store)).map(({ name }) => name)).toEqual(['Home', 'Practice'])
  })
  it('show an area with stages as columns, through which keys carry to the end', async () => {
    const store = await showStation(<ShelvesStation />, (fresh) => {
      furnish(fresh)
      const [office] = select.areasOf(documentOf(fresh)) as [Area]
      for (const name of ['call', 'offer']) fresh.run('addStage', { ownerId: office.id, name })
      fresh.run('addProject', { title: 'Mill school', areaId: office.id })
    })
    const of = (name: string) =>
      within(screen.getByRole('list', { name }))
        .queryAllByRole('button')
        .map((row) => row.textContent)
    await screen.findByRole('group', { name: 'Stages of Office' })
    expect([of('In no stage yet').length, of('call'), of('offer')]).toEqual([
      2,
      ['Mill schoolsince todayno next action'],
      [],
    ])
    const carry = (key: string) =>
      fireEvent.keyDown(screen.getByRole('button', { name: /^Mill school/ }), { key, altKey: true })
    carry('ArrowRight')
    expect([of('call'), of('offer').length]).toEqual([[], 1])
    carry('ArrowLeft')
    carry('ArrowRight')
    carry('ArrowRight')
    expect(screen.getAllByText(/Won: Mill school/)).not.toEqual([])
    expect([of('call'), of('offer')]).toEqual([[], []])
    expect(screen.getByRole('group', { name: 'How those of Office ended' }).textContent).toBe(
      'won1not won0parked0',
    )
    fireEvent.click(screen.getByRole('button', { name: 'Undo the last act' }))
    expect(of('offer')).toHaveLength(1)
    expect(recordsIn(documentOf(store), 'project').every(({ state }) => state === 'open')).toBe(true)
  })
  it('show the tickler by month and day, where keys carry a day or a week on, never into the past', async () => {
    const store = await showStation(<ShelvesStation />, (fresh) => {
      const hide = (title: string, notBefore: string) =>
        fresh.run('addAction', { title, notBefore: notBefore as never })
      hide('renew the permit', '2026-03-30')
      hide('call the choir', '2026-05-04')
      hide('long over', '2026-03-01')
    })
    part('Kept', 'Tickler')
    const strip = screen.getByRole('navigation', { name: 'The months ahead' })
    expect(
      within(strip)
        .getAllByRole('button')
        .map((month) => month.textContent),
    ).toHaveLength(12)
    expect(within(strip).getByRole('button', { name: /^Mar/ }).textContent).toBe('Mar1, 1 action')
    expect(titlesIn('Monday, 30 March')).toHaveLength(1)
    const carry = (key: string) =>
      fireEvent.keyDown(screen.getByRole('button', { name: /^renew the permit/ }), { key, altKey: true })
    const until = () =>
      recordsIn(documentOf(store), 'action').find(({ title }) => title.startsWith('renew'))?.notBefore
    carry('ArrowDown')
    expect(until()).toBe('2026-03-31')
    carry('ArrowRight')
    expect([until(), titlesIn('Tuesday, 7 April').length]).toEqual(['2026-04-07', 1])
    for (let week = 0; week < 6; week++) carry('ArrowLeft')
    expect(until()).toBe('2026-03-12')
  })
  it('show one side of life at a time', async () => {
    address.set('/shelves')
    await showStation(
      <>
        <ShelvesStation />
        <MoreSheet />
      </>,
      furnish,
    )
    fireEvent.click(screen.getByRole('radio', { name: 'Work' }))
    expect(screen.queryByRole('region', { name: 'Home' })).toBeNull()
    fireEvent.click(screen.getByRole('radio', { name: 'Private' }))
    expect(screen.queryByRole('region', { name: 'Practice' })).toBeNull()
    expect(screen.getByRole('region', { name: 'Home' })).toBeTruthy()
    press('Only Private is shown. Show both')
    expect(screen.getByRole('region', { name: 'Practice' })).toBeTruthy()
  })
  it('are arranged one place at a time', async () => {
    await showStation(<ShelvesStation />, furnish)
    press('View')
    press('Arrange')
    press('New page earlier')
    expect(titlesIn('Projects in Office')[0]).toContain('New page')
    expect(screen.getByRole('button', { name: 'New page earlier' }).getAttribute('aria-disabled')).toBe(
      'true',
    )
  })
  it('keep what is finished out of the way, and open it again', async () => {
    const store = await showStation(<ShelvesStation />, (fresh) => {
      furnish(fresh)
      const [accounts] = select.projectsOf(documentOf(fresh)) as [Project]
      const as = { state: 'finished', ending: null } as const
      fresh.run('leaveShelf', { id: accounts.id, way: { kind: 'letGo' }, as })
    })
    expect(titlesIn('Projects in Office')).toHaveLength(1)
    press('Unfold')
    press('Reopen Accounts')
    expect(select.projectsOf(documentOf(store))[0]?.state).toBe('open')
  })
  it('keep for later what is later and someday, area by area; a touch asks how near', async () => {
    const store = await showStation(<ShelvesStation />, (fresh) => {
      furnish(fresh)
      const [office, house] = select.areasOf(documentOf(fresh)) as [Area, Area]
      const [accounts] = select.projectsOf(documentOf(fresh)) as [Project]
      for (const [title, horizon, place] of [
        ['old ledgers', 'shelf', { projectId: accounts.id }],
        ['paint', 'someday', { areaId: house.id }],
        ['shelves', 'shelf', { areaId: house.id }],
        ['learn to sail', 'someday', {}],
        ['now', 'soon', { areaId: office.id }],
      ] as const)
        fresh.run('addAction', { title, horizon, ...place })
    })
    part('Kept', 'Someday')
    const words = ['old ledgers', 'shelves', 'paint', 'learn to sail', 'Office', 'House', 'No area']
    const told = (list: string) => titlesIn(list).map((line) => words.find((word) => line.includes(word)))
    expect(told('Later')).toEqual(['Office', 'old ledgers', 'House', 'shelves'])
    expect(told('Someday')).toEqual(['House', 'paint', 'No area', 'learn to sail'])
    press('Bring paint nearer')
    expect(desk.getState().sheet).toEqual({
      kind: 'horizon',
      id: recordsIn(documentOf(store), 'action').find(({ title }) => title === 'paint')?.id,
    })
    const ids = recordsIn(documentOf(store), 'action')
    act(
      () =>
        void store.run('setHorizon', {
          id: ids.find(({ title }) => title === 'paint')?.id as never,
          horizon: 'week',
        }),
    )
    expect(titlesIn('Someday').some((title) => title.includes('paint'))).toBe(false)
  })
  it('refuse a context that is there already, in words', async () => {
    const store = await showStation(
      <ShelvesStation />,
      (fresh) => void fresh.run('addContext', { name: 'Desk' }),
    )
    part('Kept', 'Contexts')
    press('New context')
    write('New context', 'desk')
    press('Save')
    expect(screen.getByRole('status').textContent).toBe('“desk” is there already. Choose another name.')
    write('New context', 'Bench')
    press('Save')
    expect(select.contextsOf(documentOf(store)).map(({ name }) => name)).toEqual(['Desk', 'Bench'])
  })
})

/** The first project, area or person, opened as it stands in the store. */
function Opened({ kind }: { kind: 'project' | 'area' | 'person' }) {
  const record = useHeld((state) => recordsIn(state.document, kind)[0])
  if (!record) return null
  if (kind === 'project') return <OpenedProject project={record as Project} />
  if (kind === 'person') return <OpenedPerson person={record as never} />
  return kind === 'area' ? (
    <OpenedShelf shelf={record as Area} />
  ) : (
    <OpenedContext context={record as never} />
  )
}

describe('what is opened', () => {
  it('a project takes its next action as a plain sentence', async () => {
    const store = await showStation(
      <Opened kind="project" />,
      (fresh) => void fresh.run('addProject', { title: 'Accounts' }),
    )
    expect(screen.getByText(/No next action/)).toBeTruthy()
    write('Add an action', 'sort receipts, 45 min, must')
    press('Add')
    expect(recordsIn(documentOf(store), 'action')).toMatchObject([
      {
        title: 'sort receipts',
        minutes: 45,
        weight: 'must',
        projectId: recordsIn(documentOf(store), 'project')[0]?.id,
      },
    ])
  })
  it('a project keeps its outcome when the field is left, and cannot lose its title', async () => {
    const store = await showStation(
      <Opened kind="project" />,
      (fresh) => void fresh.run('addProject', { title: 'Accounts' }),
    )
    write('What will be true', 'Filed by May')
    fireEvent.blur(screen.getByRole('textbox', { name: 'What will be true' }))
    write('So that what', 'the summer is free')
    fireEvent.blur(screen.getByRole('textbox', { name: 'So that what' }))
    write('Title', ' ')
    fireEvent.blur(screen.getByRole('textbox', { name: 'Title' }))
    expect(screen.getByRole('alert').textContent).toBe('A project needs a title.')
    expect(recordsIn(documentOf(store), 'project')).toMatchObject([
      { title: 'Accounts', outcome: 'Filed by May', soThat: 'the summer is free' },
    ])
  })
  it('a person shows what is done with them at the end or among the rest, and all of a hundred and more', async () => {
    await showStation(<Opened kind="person" />, (fresh) => {
      fresh.run('addPerson', { name: 'Oda' })
      const personIds = [recordsIn(documentOf(fresh), 'person')[0]?.id as never]
      for (let at = 1; at <= 103; at++) fresh.run('addAction', { title: `ask ${at}`, personIds })
      for (const { id, title } of recordsIn(documentOf(fresh), 'action'))
        if (['ask 1', 'ask 2'].includes(title)) fresh.run('tick', { id })
    })
    const shown = () => screen.getAllByRole('checkbox').length
    expect([shown(), screen.queryByRole('checkbox', { name: 'ask 1' })]).toEqual([8, null])
    press('Show the next of 93 more')
    press('Show the next of 33 more')
    expect(shown()).toBe(101)
    fireEvent.click(screen.getByRole('button', { name: /^Done 2/ }))
    expect([shown(), screen.queryByRole('checkbox', { name: 'ask 1' }) !== null]).toEqual([103, true])
    press('Done: at the end')
    await screen.findByRole('dialog', hidden)
    chooseIn('left out')
    await act(async () => {})
    expect(shown()).toBe(101)
  })
  it('an area gets its letters and its ink, and says what is in it before it closes', async () => {
    const store = await showStation(<Opened kind="area" />, (fresh) => {
      fresh.run('addArea', { name: 'Office', groupId: null })
      fresh.run('addProject', { title: 'Accounts', areaId: select.areasOf(documentOf(fresh))[0]?.id ?? null })
    })
    fireEvent.click(screen.getByRole('radio', { name: 'Ink 4' }))
    write('Letters of the seal', 'Ofc')
    fireEvent.blur(screen.getByRole('textbox', { name: 'Letters of the seal' }))
    expect(select.areasOf(documentOf(store))[0]).toMatchObject({ ink: 3, letters: 'Of' })
    press('Close the area')
    expect(await screen.findByText(/^1 project is in it/)).toBeTruthy()
    press('Cancel')
    expect(select.areasOf(documentOf(store))[0]?.closedAtEpochMs).toBeNull()
    press('Close the area')
    press('Close the area, and let go of everything in it')
    expect(select.areasOf(documentOf(store))[0]?.closedAtEpochMs).not.toBeNull()
    expect(recordsIn(documentOf(store), 'project')).toMatchObject([{ state: 'letGo' }])
  })
  it('a person lists what is open with them', async () => {
    await showStation(<Opened kind="person" />, (fresh) => {
      fresh.run('addPerson', { name: 'Oda' })
      const id = select.peopleOf(documentOf(fresh))[0]?.id ?? 'person:none'
      fresh.run('addAction', { title: 'ask about the key', personIds: [id] })
      fresh.run('addAction', {
        title: 'her quote',
        waiting: {
          personId: id,
          whom: '',
          since: '2026-03-09' as never,
          chaseOn: null,
          how: '',
          toSignOff: false,
        },
      })
      fresh.run('addAction', { title: 'another thing' })
    })
    expect(
      screen
        .getAllByRole('checkbox')
        .map((box) => box.getAttribute('aria-label'))
        .sort(),
    ).toEqual(['ask about the key', 'her quote'])
    expect(screen.getByText('waiting for Oda, since Mon 9 Mar')).toBeTruthy()
  })
})
