import { recordIn, recordsById } from '@/core/journal'
import type { Id } from '@/core/record'
import { asideOf, filesOf, stepsOf } from '../../read/ownedIndexes'
import { mergedInBy } from '../../read/mergedIn'
import { makeTestStore, runnerOf } from '../../testing'

/** Law: a slip that a template is used for lives on in what is made, with all that came with it. */
it.each(['project', 'action', 'checklist', 'note'] as const)(
  'a slip goes into the %s that is made for it, word for word, with its people, steps, files and place in the review box',
  async (kind) => {
    const store = makeTestStore()
    await store.load()
    const run = runnerOf(store)
    const document = () => store.api.getState().document
    const of = {
      project: () => run('addProject', { title: 'Hall visit' }),
      action: () => run('addAction', { title: 'Hall visit', steps: ['pack'] }),
      checklist: () => run('addChecklist', { name: 'Hall visit', ownerId: null }),
      note: () => run('addMeetingNote', { title: 'Hall visit' }),
    }[kind]()
    const kept = run('saveAsTemplate', { id: of as Id<'action'> })
    const oda = run('addPerson', { name: 'Oda' }) as Id<'person'>
    const slipId = run('setDown', {
      text: 'hall visit in Brool, with the blue key',
      note: 'Ask at the gate.',
      personIds: [oda],
      steps: ['bring the meter'],
      files: [
        { name: 'map.pdf', mediaType: '', bytes: 3, blob: `sha256-${'a'.repeat(64)}`, smallBlob: null },
      ],
    }) as Id<'slip'>
    run('layAside', { ids: [slipId] })
    const before = recordsById(document())
    const templateId = [...before.values()].find(
      (record) => (record as { state?: string }).state === 'template',
    )?.id
    expect(templateId ?? kept).toMatch(/^project:/)
    run('useTemplate', { id: templateId as Id<'project'>, answers: {}, areaId: null, slipId })
    const made = [...recordsById(document()).values()].filter(({ id }) => !before.has(id))
    const main = made.find(({ id }) => id.startsWith(`${kind}:`))
    if (!main) throw new Error('nothing was made')
    const json = JSON.stringify(made)
    for (const text of ['hall visit in Brool, with the blue key', 'Ask at the gate.'])
      expect(json).toContain(text)
    expect(json.includes(oda) || json.includes('Oda')).toBe(true)
    expect(stepsOf(document(), main.id as Id<'action'>).map(({ title }) => title)).toContain(
      'bring the meter',
    )
    expect(filesOf(document(), main.id as Id<'action'>).map(({ name }) => name)).toEqual(['map.pdf'])
    expect(asideOf(document(), main.id as Id<'action'>)).toMatchObject({ ofId: main.id })
    expect(asideOf(document(), slipId)).toBeUndefined()
    expect(recordIn(document(), slipId)).toBeUndefined()
    expect(mergedInBy(store.api.getState().recent, main.id).map(({ id }) => id)).toEqual([slipId])
    store.undo()
    expect(recordsById(document())).toEqual(before)
  },
)
