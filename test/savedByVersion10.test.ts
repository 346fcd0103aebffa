// What version 10 saved: the last that called fields and kinds otherwise than the screen does.
import { lensFileChecks, parseTemplateFile } from '@/core/exchange'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { emptyLens, lensIn, parseLensFile, toLensFile } from '@/core/lens'
import { plainFace } from '@/core/lens/readyMade'
import { select } from '@/state'
import { actWordsOf } from '@/words/acts'
import { holdsTheSame, savedBy, savedText, storeOf } from './standIns/savedBy'

describe('what version 10 saved', () => {
  const file = savedBy('v10')
  const { document, changes } = file
  const called = (name: string) => ({ nameOf: () => null, idsCalled: () => [name] })

  it('holds what it held, under the names of today', () => {
    holdsTheSame(file)
    const links = (['action', 'reference', 'reading'] as const).flatMap((kind) =>
      recordsIn(document, kind).map(({ link }) => link),
    )
    expect(links.filter(Boolean).sort()).toEqual([
      'https://bells.example',
      'https://gone.example',
      'https://hall.example/plan',
      'https://hall.example/plan',
      'https://library.example/felt',
      'https://rent.example/march',
    ])
    expect(recordsIn(document, 'action').flatMap(({ overrides }) => overrides.link ?? [])).toEqual([
      'https://rent.example',
    ])
    expect(recordsIn(document, 'timeEntry').map(({ minutes }) => minutes)).toEqual([25])
    expect(recordsIn(document, 'action').filter(({ timerFromEpochMs }) => timerFromEpochMs)).toHaveLength(1)
    expect(
      recordsIn(document, 'project')
        .map(({ state }) => state)
        .sort(),
    ).toEqual(['open', 'template'])
    expect(select.settingsOf(document).availableMinutes).toEqual([240, 300, 300, 300, 180, 120, 60])
    expect(recordIn(document, 'plan:day-2026-03-11')).toMatchObject({ availableMinutes: 90 })
    const [lens] = recordsIn(document, 'lens')
    expect(lens && lensIn(lens).conditions).toMatchObject([
      { state: 'blocked', not: true },
      { of: [{ state: 'blocked' }, { state: 'waiting' }] },
    ])
    expect(changes.filter(({ act }) => actWordsOf(act) === 'Changed').map(({ act }) => act)).toEqual([
      'editAction',
    ])
  })
  it('opens as a store; its timer is stopped, its template used, what it undid is done again', async () => {
    const { store, openedAgain } = await storeOf('v10')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const timed = recordsIn(document, 'action').find(({ timerFromEpochMs }) => timerFromEpochMs !== null)
    const template = recordsIn(document, 'project').find(({ state }) => state === 'template')
    store.redo()
    store.clock.epochMs += 60 * 60_000
    store.run('stopTimer', { id: timed?.id ?? 'action:none' })
    store.run('useTemplate', { id: template?.id ?? 'project:none', answers: {}, areaId: null })
    const again = await openedAgain()
    expect(
      recordsIn(again, 'timeEntry')
        .map(({ minutes }) => minutes)
        .sort(),
    ).toEqual([25, 35])
    expect(recordsIn(again, 'project').map(({ state }) => state)).toEqual(['open', 'template', 'open'])
  })
  it('shared its template, which is taken', () => {
    const shared = parseTemplateFile(savedText('v10-template.json'), () => null)
    expect(shared).toMatchObject({ ok: true, value: { title: 'Hall report', missing: ['Desk'] } })
    expect(shared.ok && shared.value.records.filter(({ id }) => id.startsWith('action:'))).toMatchObject([
      { link: 'https://hall.example/plan' },
      { link: null },
    ])
  })
  it('shared its lens, which is taken', () => {
    const text = toLensFile(
      'Stuck',
      { ...emptyLens, conditions: [] },
      { ...plainFace, letters: '', ink: 0 },
      called('Desk'),
    )
    const of10 = { ...JSON.parse(text), version: 1 }
    of10.lens.conditions = [{ kind: 'state', state: 'heldBack', not: false }]
    of10.lens.bands = [{ name: 'B', where: { kind: 'state', state: 'heldBack', not: true } }]
    expect(parseLensFile(JSON.stringify(of10), called('Desk'), lensFileChecks)).toMatchObject({
      ok: true,
      value: { lens: { conditions: [{ state: 'blocked' }], bands: [{ where: { state: 'blocked' } }] } },
    })
  })
})
