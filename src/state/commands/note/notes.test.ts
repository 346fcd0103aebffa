import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Id, NoteOwnerId } from '@/core/record'
import { countOfLines, linesToDo, notesWithLines } from '../../read/noteLines'
import { dayNoteAfter, dayNoteBefore, meetingNotesOf, meetingNotesWith } from '../../read/pages'
import { makeTestStore, type TestStore } from '../../testing'
import { dayNoteIdOf, noteIn } from '../../read/tiedTo'

const idOf = <K extends 'action' | 'project' | 'person' | 'note'>(outcome: ReturnType<TestStore['run']>) => {
  if (!outcome.ok || outcome.value[0]?.kind !== 'added') throw new Error(JSON.stringify(outcome))
  return outcome.value[0].record.id as Id<K>
}
async function storeWith(note: string) {
  const store = makeTestStore()
  await store.load()
  const oda = idOf<'person'>(store.run('addPerson', { name: 'Oda' }))
  const project = idOf<'project'>(store.run('addProject', { title: 'Fenwick Hall' }))
  const id = idOf<'note'>(
    store.run('addMeetingNote', { title: 'call', personIds: [oda], projectId: project, note }),
  )
  const document = () => store.api.getState().document
  const text = (of: NoteOwnerId = id) => noteIn(document(), of)
  const action = (title: string) => {
    const found = recordsIn(document(), 'action').find((each) => each.title === title)
    if (!found) throw new Error(`no action ${title}`)
    return found
  }
  const make = (...lines: [number, string, string?][]) =>
    store.run('makeActionsOfLines', {
      id,
      lines: lines.map(([at, written, title]) => ({ at, written, fields: { title: title ?? written } })),
    })
  return { store, id, oda, project, document, text, action, make }
}
const two = '# Call\n\n- [ ] ring Oda by friday\n- [ ] buy *felt*\n- [x] find the key'

describe('a check-box line that became an action', () => {
  it('lies on the shelf and with the people of its note, and says there what it is called', async () => {
    const { make, text, action, id, oda, project, store } = await storeWith(two)
    const before = recordsById(store.api.getState().document)
    make([2, 'ring Oda by friday', 'ring Oda'], [3, 'buy *felt*', 'buy felt'])
    const [ring, felt] = [action('ring Oda'), action('buy felt')]
    expect(ring).toMatchObject({ lineOf: id, projectId: project, personIds: [oda] })
    expect(text()).toBe(
      `# Call\n\n- [ ] ring Oda <!-- ${ring.id} -->\n- [ ] buy *felt* <!-- ${felt.id} -->\n- [x] find the key`,
    )
    store.undo()
    expect(recordsById(store.api.getState().document)).toEqual(before)
  })
  it('is one action, however often it is asked for, and none where the line has changed meanwhile', async () => {
    const { make, document } = await storeWith(two)
    make([3, 'buy *felt*', 'buy felt'])
    expect(make([3, 'buy *felt*', 'buy felt'])).toMatchObject({ ok: false, error: { kind: 'nothingToDo' } })
    expect(make([2, 'ring Ida'])).toMatchObject({ ok: false })
    expect(make([4, 'find the key'])).toMatchObject({ ok: false })
    expect(recordsIn(document(), 'action')).toHaveLength(1)
  })
  it('keeps every character of a line that is longer than a title, and the links its words stand for', async () => {
    const long = `${'measure the stairs and the hall '.repeat(90)}end`
    const linked = 'read [the plan](https://example.org/plan) and [the offer](https://example.org/offer)'
    const { id, store, document, make, action, text } = await storeWith(`- [ ] ${long}\n- [ ] ${linked}`)
    make([1, linked, 'read the plan and the offer'])
    const read = action('read the plan and the offer')
    expect(JSON.stringify(read)).toMatch(/example.org.plan.*example.org.offer|offer.*plan/)
    store.run('liftLines', { id, lines: [{ at: 0, written: long }] })
    const [slip] = recordsIn(document(), 'slip')
    expect(`${slip?.text} ${slip?.note}`).toBe(long)
    expect(text()).toContain(long)
    // Ticked there, the line shows it, whole.
    const done = text().replace('- [ ] measure', '- [x] measure')
    store.run('writeNote', { id, note: done })
    expect(text()).toContain(`[x] ${long}`)
    expect(JSON.stringify(recordsIn(document(), 'action'))).toContain('end')
  })
  it('is called anew and ticked in one writing', async () => {
    const { id, store, text, document } = await storeWith('- [ ] ring Oda')
    store.run('liftLines', { id, lines: [{ at: 0, written: 'ring Oda' }] })
    store.run('writeNote', { id, note: text().replace('[ ] ring Oda', '[x] ring Oda at home') })
    expect(recordsIn(document(), 'action')).toMatchObject([{ title: 'ring Oda at home' }])
    expect(recordsIn(document(), 'slip')).toEqual([])
    store.undo()
    expect(recordsIn(document(), 'slip')).toMatchObject([{ text: 'ring Oda' }])
  })
  it('is ticked and renamed in either place', async () => {
    const { make, text, action, store, id, document } = await storeWith(two)
    make([2, 'ring Oda by friday', 'ring Oda'], [3, 'buy *felt*', 'buy felt'])
    store.run('tick', { id: action('ring Oda').id })
    store.run('editAction', { id: action('buy felt').id, patch: { title: 'buy 3 m of felt' } })
    expect(text()).toContain('- [x] ring Oda <!--')
    expect(text()).toContain('- [ ] buy 3 m of felt <!--')
    const written = text().replace('[x] ring', '[ ] ring').replace('[ ] buy 3 m', '[x] buy **4** m')
    store.run('writeNote', { id, note: written })
    expect(action('ring Oda').doneAtEpochMs).toBeNull()
    expect(action('buy 4 m of felt').doneAtEpochMs).not.toBeNull()
    store.undo()
    expect(action('ring Oda').doneAtEpochMs).not.toBeNull()
    expect(recordsIn(document(), 'action')).toHaveLength(2)
  })
  it('stays when its line goes, and its line stays when it goes', async () => {
    const { make, text, action, store, id } = await storeWith(two)
    make([2, 'ring Oda by friday', 'ring Oda'], [3, 'buy *felt*', 'buy felt'])
    store.run('writeNote', { id, note: text().replace(/- \[ \] ring.*\n/, '') })
    expect(action('ring Oda')).toMatchObject({ lineOf: null, doneAtEpochMs: null, letGoAtEpochMs: null })
    const felt = action('buy felt').id
    store.run('letGo', { id: felt })
    store.run('emptyLetGo', { ids: [felt] })
    expect(text()).toBe('# Call\n\n- [ ] buy *felt*\n- [x] find the key')
  })
  it('does not come again with what comes back: its lines are open and stand for nothing', async () => {
    const { store, document } = await storeWith('')
    const rent = idOf<'action'>(
      store.run('addAction', { title: 'rent', note: '- [x] look it up\n- [ ] pay' }),
    )
    store.run('setRepeat', { id: rent, repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null } })
    store.run('makeActionsOfLines', {
      id: rent,
      lines: [{ at: 1, written: 'pay', fields: { title: 'pay' } }],
    })
    store.run('tick', { id: rent })
    expect(recordIn(document(), `${rent}~2026-03-12`)?.note).toBe('- [ ] look it up\n- [ ] pay')
  })
})

it('a lifted line lies in the Tray, and is tied to whatever it is sorted into', async () => {
  const { store, id, text, document, oda } = await storeWith(two)
  store.run('liftLines', { id, lines: [{ at: 3, written: 'buy *felt*' }] })
  const [slip] = recordsIn(document(), 'slip')
  expect(slip).toMatchObject({ text: 'buy felt', lineOf: id, personIds: [oda] })
  store.run('sortAsAction', { slipId: slip?.id ?? 'slip:none', fields: { title: 'order felt' } })
  expect(text()).toContain('- [ ] order felt <!--')
  expect(recordsIn(document(), 'action')[0]).toMatchObject({ title: 'order felt', lineOf: id })
})
it('a slip that is ticked in its note is done', async () => {
  const { store, id, text, action } = await storeWith('- [ ] two minutes')
  store.run('liftLines', { id, lines: [{ at: 0, written: 'two minutes' }] })
  store.run('writeNote', { id, note: text().replace('[ ]', '[x]') })
  expect(action('two minutes').doneAtEpochMs).not.toBeNull()
  expect(text()).toContain('[x] two minutes')
})

describe('pages', () => {
  it('of a day begin as the person chose, and are there from the first word on', async () => {
    const { store, text, document } = await storeWith('')
    const [monday, today] = [dayNoteIdOf('2026-03-09' as never), dayNoteIdOf('2026-03-11' as never)]
    store.run('setSettings', { dayNoteBegins: '## Calls\n' })
    expect([text(today), recordIn(document(), today)]).toEqual(['## Calls\n', undefined])
    store.run('writeNote', { id: today, note: '## Calls\n\nOda rang' })
    store.run('writeNote', { id: monday, note: 'rain' })
    expect(recordIn(document(), today)).toMatchObject({ date: '2026-03-11', note: '## Calls\n\nOda rang' })
    expect(dayNoteBefore(document(), '2026-03-11' as never)).toBe('2026-03-09')
    expect(dayNoteAfter(document(), '2026-03-09' as never)).toBe('2026-03-11')
    expect(dayNoteBefore(document(), '2026-03-09' as never)).toBeNull()
    expect(dayNoteAfter(document(), '2026-03-11' as never)).toBeNull()
    // One that was emptied again is no page to leaf to.
    store.run('writeNote', { id: monday, note: ' \n' })
    expect(dayNoteBefore(document(), '2026-03-11' as never)).toBeNull()
    expect(store.run('writeNote', { id: 'note:day-2026-02-30', note: 'x' })).toMatchObject({ ok: false })
    expect(store.run('writeNote', { id: 'note:gone', note: 'x' })).toMatchObject({ ok: false })
  })
  it('of meeting notes are found from everybody and everything that has a part in them', async () => {
    const { store, id, oda, project, document } = await storeWith(two)
    const later = idOf<'note'>(store.run('addMeetingNote', { title: 'visit', date: '2026-04-01' as never }))
    expect(meetingNotesOf(document()).map((page) => page.id)).toEqual([later, id])
    expect(meetingNotesWith(document(), oda).map((page) => page.id)).toEqual([id])
    store.run('editMeetingNote', { id: later, patch: { projectId: project } })
    expect(meetingNotesWith(document(), project).map((page) => page.id)).toEqual([later, id])
    store.run('removeMeetingNote', { id })
    expect(meetingNotesWith(document(), oda)).toEqual([])
  })
})

it('lists the lines of all notes, the newest note first, and follows every edit', async () => {
  const { store, id, make, oda, document, action } = await storeWith(two)
  const listed = () =>
    notesWithLines(document()).map((record) => [record.id, linesToDo(document(), record).map(({ at }) => at)])
  expect(listed()).toEqual([[id, [2, 3]]])
  store.run('writeNote', { id: oda, note: '- [ ] her birthday' })
  store.run('writeNote', { id: dayNoteIdOf('2026-03-12' as never), note: '- [ ] lift me' })
  expect(listed()).toEqual([['note:day-2026-03-12', [0]], [id, [2, 3]], [oda, [0]]]) // prettier-ignore
  expect(countOfLines(document())).toBe(4)
  make([3, 'buy *felt*', 'buy felt'])
  store.run('tick', { id: action('buy felt').id })
  expect(listed()[1]).toEqual([id, [2]])
  store.run('removeMeetingNote', { id })
  expect(listed()).toHaveLength(2)
})

it('refuses a note that is too long, and keeps the one that was there', async () => {
  const { store, id, text } = await storeWith('short')
  expect(store.run('writeNote', { id, note: 'x'.repeat(5_000_000) })).toMatchObject({
    error: { kind: 'tooLong', field: 'note', limit: 200_000 },
  })
  expect(text()).toBe('short')
})

it('goes along when an action grows into a project and when it becomes a step: lines, checklists and meeting notes', async () => {
  const { store, document, action, project } = await storeWith('')
  const visit = idOf<'action'>(store.run('addAction', { title: 'visit', note: '- [ ] ring first' }))
  store.run('makeActionsOfLines', {
    id: visit,
    lines: [{ at: 0, written: 'ring first', fields: { title: 'ring first' } }],
  })
  store.run('addChecklist', { name: 'what to take', ownerId: visit })
  const grown = store.run('growIntoProject', { id: visit, title: 'The visit', next: 'go there' })
  if (!grown.ok) throw new Error(JSON.stringify(grown.error))
  const made = recordsIn(document(), 'project').find(({ title }) => title === 'The visit')
  expect(made?.note).toContain('ring first')
  expect(action('ring first').lineOf).toBe(made?.id)
  expect(recordsIn(document(), 'checklist')[0]?.ownerId).toBe(made?.id)
  store.undo()
  const other = idOf<'action'>(store.run('addAction', { title: 'the journey' }))
  store.run('pushIntoSteps', { id: visit, ofId: other })
  expect([action('ring first').lineOf, recordsIn(document(), 'checklist')[0]?.ownerId]).toEqual([
    other,
    other,
  ])
  expect(recordsIn(document(), 'note')[0]?.projectId).toBe(project)
})
