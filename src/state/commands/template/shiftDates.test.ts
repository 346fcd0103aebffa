import { recordIn, recordsById } from '@/core/journal'
import type { Action, Id, Project } from '@/core/record'
import { calendarDateUnsafe as day } from '@/core/time'
import { makeTestStore, runnerOf } from '../../testing'
import type { ArgsOf } from '..'

async function made() {
  const store = makeTestStore()
  await store.load()
  const doc = () => store.api.getState().document
  const run = runnerOf(store)
  const add = (
    title: string,
    begins: string | null,
    due: string | null,
    parentId: Id<'project'> | null = null,
  ) => {
    const id = run('addProject', { title, parentId }) as Id<'project'>
    if (begins || due)
      run('editProject', { id, patch: { begins: begins ? day(begins) : null, due: due ? day(due) : null } })
    return id
  }
  const project = (id: Id<'project'>) => {
    const { begins, due } = recordIn(doc(), id) as Project
    return [begins, due]
  }
  const action = (id: Id<'action'>) => recordIn(doc(), id) as Action
  const hall = add('hall', '2026-03-16', '2026-04-10')
  const roof = add('roof', '2026-03-20', '2026-03-31', hall)
  const measure = run('addAction', {
    title: 'measure',
    projectId: roof,
    day: day('2026-03-23'),
    due: { date: day('2026-03-24'), time: null },
  }) as Id<'action'>
  const meeting = run('addAction', {
    title: 'meeting',
    projectId: hall,
    at: { date: day('2026-03-25'), time: null },
  }) as Id<'action'>
  const opening = add('opening', '2026-04-11', '2026-04-12')
  const party = add('party', null, '2026-04-20')
  run('blockProject', { id: opening, afterId: hall })
  run('blockProject', { id: party, afterId: opening })
  const shift = (
    id: Id<'project'> | Id<'action'>,
    days: number,
    edge: ArgsOf<'shiftDates'>['edge'] = 'whole',
    following = false,
  ) => store.run('shiftDates', { id, days, edge, following })
  return { store, doc, run, project, action, hall, roof, measure, meeting, opening, party, shift }
}

describe('moving a bar along the time line', () => {
  it('takes its parts and the dates in it along; what is fixed on the clock stays; one undo', async () => {
    const { store, doc, project, action, hall, roof, measure, meeting, opening, shift } = await made()
    const before = new Map(recordsById(doc()))
    expect(shift(hall, 7).ok).toBe(true)
    expect([project(hall), project(roof)]).toEqual([
      ['2026-03-23', '2026-04-17'],
      ['2026-03-27', '2026-04-07'],
    ])
    expect(action(measure)).toMatchObject({ day: '2026-03-30', due: { date: '2026-03-31' } })
    // A re-dating is counted.
    expect(action(measure).moved).toHaveLength(1)
    expect(action(meeting).at?.date).toBe('2026-03-25')
    expect(project(opening)).toEqual(['2026-04-11', '2026-04-12'])
    store.undo()
    expect(new Map(recordsById(doc()))).toEqual(before)
  })
  it('moves all that follows as well, where that is wanted', async () => {
    const { project, opening, party, hall, shift } = await made()
    shift(hall, 3, 'due', true)
    expect(project(hall)).toEqual(['2026-03-16', '2026-04-13'])
    expect([project(opening), project(party)]).toEqual([
      ['2026-04-14', '2026-04-15'],
      [null, '2026-04-23'],
    ])
    // Where it begins says nothing of what comes after it.
    shift(hall, -2, 'begins', true)
    expect([project(hall)[0], project(opening)[0]]).toEqual(['2026-03-14', '2026-04-14'])
  })
  it('leaves what is in a project that rests where it is, though it waits for that project', async () => {
    const { run, action, hall, measure, shift } = await made()
    run('setProjectState', { id: hall, state: 'notNow' })
    shift(hall, 3, 'due', true)
    expect(action(measure)).toMatchObject({ day: '2026-03-23' })
  })
  it('moves an appointment by itself', async () => {
    const { action, meeting, shift } = await made()
    shift(meeting, 1)
    expect(action(meeting).at?.date).toBe('2026-03-26')
  })
  it('is refused where something would be due before it begins, or the way is too far', async () => {
    const { project, hall, shift, doc } = await made()
    const before = doc()
    expect(shift(hall, -60, 'due')).toMatchObject({ error: { kind: 'endsFirst' } })
    expect(shift(hall, 60, 'begins')).toMatchObject({ error: { kind: 'endsFirst' } })
    expect(shift(hall, 5000)).toMatchObject({ error: { kind: 'unfit' } })
    expect(shift(hall, 0.5)).toMatchObject({ error: { kind: 'unfit' } })
    expect(shift('project:none', 1)).toMatchObject({ error: { kind: 'notFound' } })
    expect(doc()).toBe(before)
    expect(project(hall)).toEqual(['2026-03-16', '2026-04-10'])
  })
})
