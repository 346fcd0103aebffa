import { parsePatternFile } from '@/core/exchange/parsePatternFile'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { toPatternFile } from '@/core/pattern'
import type { Id, Project } from '@/core/record'
import { plainProject } from '@/core/testing/plainShelf'
import { calendarDateUnsafe } from '@/core/time'
import { patternsOf, previewOf, projectToCopy, type Pattern } from '../patterns'
import { partsOfProject } from '../projectParts'
import { stagesOf } from '../selectors'
import { writtenInProject } from '../standing'
import { makeTestStore } from '../testing'
import type { CommandName } from '.'

const today = calendarDateUnsafe('2026-03-11')

async function begun() {
  const store = makeTestStore()
  await store.load()
  const document = () => store.api.getState().document
  const made = (name: CommandName, args: unknown): Id => {
    const outcome = store.run(name, args as never)
    const [part] = outcome.ok ? outcome.value : []
    if (part?.kind !== 'added') throw new Error(`${name} made nothing: ${JSON.stringify(outcome)}`)
    return part.record.id as Id
  }
  return { store, document, made }
}

describe('a pattern of a project with parts', () => {
  it('keeps its stages and parts with their actions, and makes them again in their order', async () => {
    const { store, document, made } = await begun()
    const hall = made('addProject', { title: 'Move to the loft' }) as Id<'project'>
    made('addStage', { ownerId: hall, name: 'asked' })
    made('addStage', { ownerId: hall, name: 'agreed' })
    const lease = made('addProject', { title: 'The lease', parentId: hall }) as Id<'project'>
    const floor = made('addProject', { title: 'The floor', parentId: hall }) as Id<'project'>
    store.run('holdProjectBack', { id: floor, afterId: lease })
    made('addAction', { title: 'read it', projectId: lease })
    const over = made('addProject', { title: 'Old idea', parentId: hall }) as Id<'project'>
    store.run('setProjectState', { id: over, state: 'letGo' })
    store.run('keepAsPattern', { id: hall })
    const pattern = patternsOf(document()).find(({ title }) => title === 'Move to the loft') as Pattern
    expect(patternsOf(document()).map(({ title }) => title)).not.toContain('The lease')
    const shapeOf = (id: Id<'project'>) =>
      partsOfProject(document(), id).map((part) => [
        part.title,
        part.afterIds.map((each) => recordIn(document(), each)?.title),
        writtenInProject(document(), part.id).map(({ title }) => title),
      ])
    const shape = [
      ['The lease', [], ['read it']],
      ['The floor', ['The lease'], []],
    ]
    expect(shapeOf(pattern.id)).toEqual(shape)
    const previewed = previewOf(document(), pattern, {}, new Map(), today).map(({ title }) => title)
    expect(previewed).toEqual(['The lease: read it'])
    const before = recordsById(document())
    store.run('usePattern', { id: pattern.id, answers: {}, areaId: null })
    const [again] = recordsIn(document(), 'project').filter(
      ({ title, state, id }) => title === 'Move to the loft' && state === 'open' && id !== hall,
    ) as [Project]
    expect(shapeOf(again.id)).toEqual(shape)
    const [first] = stagesOf(document(), again.id)
    expect(partsOfProject(document(), again.id).map(({ state, stageId }) => [state, stageId])).toEqual([
      ['open', first?.id],
      ['open', first?.id],
    ])
    store.undo()
    expect(recordsById(document())).toEqual(before)
    // Shared and taken in again it is the same, in the hands of somebody else.
    const text = toPatternFile(projectToCopy(document(), pattern), () => null)
    const file = parsePatternFile(text, () => null)
    if (!file.ok) throw new Error(JSON.stringify(file.error))
    made('bringInPattern', { records: file.value.records })
    const brought = patternsOf(document()).filter(({ title }) => title === 'Move to the loft')
    expect(brought).toHaveLength(2)
    for (const { id } of brought) expect(shapeOf(id)).toEqual(shape)
    // Removed, nothing of it is left.
    for (const { id } of brought) store.run('removePattern', { id })
    expect(recordsIn(document(), 'project').filter(({ state }) => state === 'pattern')).toEqual([])
    expect(stagesOf(document(), pattern.id)).toEqual([])
  })
  it('is refused where a file lets a part be within itself', () => {
    const part = (id: string, parentId: string | null) => ({
      ...plainProject,
      id: `project:${id}`,
      parentId: parentId && `project:${parentId}`,
      state: 'pattern',
      makes: 'project',
    })
    const text = (records: object[]) =>
      JSON.stringify({ format: 'zen-tray pattern', version: 9, names: {}, records })
    expect(parsePatternFile(text([part('a', null), part('b', 'a')]), () => null).ok).toBe(true)
    expect(
      parsePatternFile(text([part('a', null), part('b', 'c'), part('c', 'b')]), () => null),
    ).toMatchObject({
      error: { kind: 'unsound', why: 'a part within itself' },
    })
    expect(parsePatternFile(text([part('a', null), part('b', 'x')]), () => null).ok).toBe(false)
    expect(parsePatternFile(text([part('a', null), part('b', null)]), () => null).ok).toBe(false)
  })
})
