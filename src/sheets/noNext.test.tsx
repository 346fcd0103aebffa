import { act as settle, fireEvent, screen } from '@testing-library/react'
import { recordIn, recordsIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { lists } from '@/state'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { desk, useDesk } from '@/held/desk'
import { useAct } from '@/held/zen'
import { NoNextSheet } from './NoNextSheet'

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name, hidden: true }))
const question = () => screen.queryByText(/has no action left/)
const called = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((action) => action.title === title) as Action
const projectIn = (store: TestStore) => recordsIn(store.api.getState().document, 'project')[0]
const openIn = (store: TestStore) =>
  lists.actionsOfProject(store.api.getState().document, projectIn(store)?.id as Id<'project'>)

/** Ticks by name, and asks where it is to be asked. */
function Ticker({ of }: { of: () => TestStore }) {
  const act = useAct()
  const asked = useDesk((state) => state.asked)
  const tick = (title: string) => act('tick', { id: called(of(), title).id })
  return (
    <>
      {['first', 'last', 'loose'].map((title) => (
        <button key={title} type="button" onClick={() => tick(title)}>
          {`Tick ${title}`}
        </button>
      ))}
      {asked?.kind === 'noNext' ? (
        <NoNextSheet id={asked.id} onClose={() => desk.getState().ask(null)} />
      ) : null}
    </>
  )
}

async function shown() {
  let store: TestStore | null = null
  await showStation(<Ticker of={() => store as TestStore} />, (fresh) => {
    store = fresh
    fresh.run('addProject', { title: 'Hall report' })
    const projectId = projectIn(fresh)?.id ?? null
    for (const title of ['first', 'last']) fresh.run('addAction', { title, projectId })
    fresh.run('addAction', { title: 'loose' })
  })
  await settle(async () => {})
  return store as unknown as TestStore
}

it('is asked when the last action of an open project is ticked, and not before; later is an answer', async () => {
  const store = await shown()
  for (const title of ['loose', 'first']) await settle(async () => press(`Tick ${title}`))
  expect(question()).toBeNull()
  await settle(async () => press('Tick last'))
  expect(question()?.textContent).toContain('“Hall report”')
  press('Decide later')
  expect(question()).toBeNull()
  // What rests asks for nothing.
  store.undo()
  const project = projectIn(store)
  store.run('setProjectState', { id: project?.id as Id<'project'>, state: 'notNow' })
  await settle(async () => press('Tick last'))
  expect(question()).toBeNull()
})
it('takes the next as a plain sentence into the project', async () => {
  const store = await shown()
  for (const title of ['first', 'last']) await settle(async () => press(`Tick ${title}`))
  const line = screen.getByRole('textbox', { name: 'The next action' })
  fireEvent.change(line, { target: { value: 'ring the hall 20 min' } })
  fireEvent.keyDown(line, { key: 'Enter' })
  await settle(async () => {})
  expect(openIn(store)).toMatchObject([{ title: 'ring the hall', minutes: 20 }])
  expect(question()).toBeNull()
})
it.each([
  ['Not now', 'notNow'],
  ['It is finished', 'finished'],
])('“%s” is one act with one undo', async (answer, state) => {
  const store = await shown()
  for (const title of ['first', 'last']) await settle(async () => press(`Tick ${title}`))
  await settle(async () => press(answer))
  expect(projectIn(store)?.state).toBe(state)
  expect(question()).toBeNull()
  store.undo()
  expect(projectIn(store)?.state).toBe('open')
})
it('waits for somebody by an action that says so', async () => {
  const store = await shown()
  store.run('addPerson', { name: 'Oda' })
  for (const title of ['first', 'last']) await settle(async () => press(`Tick ${title}`))
  await settle(async () => press('It waits for somebody'))
  await settle(async () => {})
  fireEvent.click(await screen.findByRole('option', { name: 'Oda', hidden: true }))
  await settle(async () => {})
  const [waiting] = openIn(store)
  expect(waiting?.waiting?.personId).toBe(recordsIn(store.api.getState().document, 'person')[0]?.id)
  expect(recordIn(store.api.getState().document, waiting?.id as Id<'action'>)?.title).toBe(
    'Hear about Hall report',
  )
})
