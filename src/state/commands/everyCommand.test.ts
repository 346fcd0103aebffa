// Every command there is, over a store that holds records of every kind. What is said of one is said of all: it can be
// done; undo gives back the exact records, and redo what it did; nothing points at what went; no words are lost but
// where that is what it is for; and two copies that each did something are equal, whichever is heard of first.
import { recordsById, recordsIn, withChanges, type Change } from '@/core/journal'
import { makeRandom } from '@/core/random'
import { kindOf, kinds, type Id } from '@/core/record'
import { makeTestStore, type TestStore } from '../testing'
import { actNames, acts, held, makeDice, pointlessIn } from './randomActs'
import type { CommandName } from '.'

/** They are given the words anew by who asks for them, or write over what was there: the history has the others. */
const writesOver =
  /^(?:sort|edit|rename|split|setWaiting|setAims|setWeekAims|setReadings|writeNote|planDay|liftLines|makeActionsOf|setDayAvailable|endDay|finishReview|chooseFirst|makeBlank|resetLens|skipTurn|growIntoProject|start$|startTimer|startInstead|onlyThisOne|fromNowOn)/
/** They take words out: all of it is in the history, and the first of them asks before. */
const takesOut = /^(?:empty|remove|drop)/

type Dice = ReturnType<typeof makeDice>

function act(store: TestStore, dice: Dice, name: CommandName) {
  store.clock.epochMs += 60_000
  return store.run(name, acts[name](dice) as never)
}

const making = actNames.filter((name) => !/^(?:remove|empty|letGo|tick(?!Step)|sort|join|shrink)/.test(name))

/** A store in which every kind of record is, some let go of, some done, some blocked. */
async function everyKind(seed: number): Promise<{ store: TestStore; dice: Dice }> {
  const store = makeTestStore()
  await store.load()
  const dice = makeDice(store, makeRandom(seed))
  for (let acted = 0; acted < 400; acted++) act(store, dice, dice.oneOf(making))
  const more = ['addChecklist', 'addPerson', 'addPerson', 'startTimer', 'setDown', 'setDown', 'removeSlip', 'setDown', 'setDown', 'layAside', 'letGo', 'tick', 'blockProject'] as const // prettier-ignore
  for (const name of more) for (let tries = 0; tries < 20 && !act(store, dice, name).ok; tries++) continue
  const document = () => store.api.getState().document
  const begin = (ownerId: Id<'checklist'>) => {
    store.run('addSteps', { ownerId, titles: ['the gate', 'the till'] })
    const step = recordsIn(document(), 'step').find(
      (each) => each.ownerId === ownerId && each.doneAtEpochMs === null,
    )
    store.run('tickStep', { id: step?.id ?? 'step:none', done: true } as never)
  }
  const lists = recordsIn(document(), 'checklist').map(({ id }) => id)
  lists.forEach(begin)
  store.run('startAfresh', { id: lists[0] ?? 'checklist:none' } as never)
  lists.forEach(begin)
  const missing = () => {
    const there = new Set([...recordsById(document()).keys()].map(kindOf))
    return kinds.filter((kind) => !there.has(kind))
  }
  for (let acted = 0; acted < 3000 && missing().length > 0; acted++) act(store, dice, dice.oneOf(making))
  expect(missing()).toEqual([])
  return { store, dice }
}

/** The numbers in every text there is: each text of these acts has one of its own. */
function numbersIn({ records }: ReturnType<typeof held>): Set<string> {
  const numbers = new Set<string>()
  const visit = (value: unknown): void => {
    if (typeof value === 'string')
      for (const [, number] of value.matchAll(/(?:felt|Oda|hall|glue) (\d+)/g)) numbers.add(number as string)
    if (typeof value === 'object' && value !== null) Object.values(value).forEach(visit)
  }
  records.forEach(visit)
  return numbers
}

describe('every command', () => {
  let { store, dice } = {} as { store: TestStore; dice: Dice }
  const document = () => store.api.getState().document
  const changes = async () => (await store.journal()).changes
  let seed = 3
  beforeAll(async () => {
    ;({ store, dice } = await everyKind(seed))
  })

  /** Whether it can be done here, with other acts in between that may make it possible; the last then was that. */
  function isDone(name: CommandName): { readonly before: ReturnType<typeof held> } | null {
    for (let tries = 0; tries < 150; tries++) {
      const before = held(store)
      const outcome = act(store, dice, name)
      if (outcome.ok && outcome.value.length > 0) return { before }
      expect(held(store)).toEqual(before)
      if (tries > 4) act(store, dice, dice.oneOf(making))
    }
    return null
  }

  /** What another copy did meanwhile with one of the actions. */
  function doneElsewhere([first]: readonly Change[]): Change {
    const stamp = (first as Change).stamp.replace(/[^.]*$/, 'cccc')
    const fields = { note: ['', 'written elsewhere'], minutes: [null, 5] }
    return { ...first, stamp, act: 'editAction', diff: [{ kind: 'updated', id: dice.any('action'), fields }] } as never // prettier-ignore
  }

  // They are given what bears the mark of the demo, and what was read from a file: they have tests of their own.
  it.each(actNames.filter((name) => name !== 'removeDemo' && name !== 'importTemplate'))(
    '%s',
    async (name) => {
      let [base, begun, done] = [document(), (await changes()).length, isDone(name)]
      // Where it never comes about, another store is begun.
      for (; !done && seed < 12; seed++) {
        ;({ store, dice } = await everyKind(seed + 1))
        ;[base, begun] = [document(), (await changes()).length]
        done = isDone(name)
      }
      if (!done) throw new Error('it never did anything')
      const { before } = done
      const after = held(store)
      expect(pointlessIn(after)).toEqual([])
      if (!writesOver.test(name) && !takesOut.test(name)) {
        const there = numbersIn(after)
        const lost = [...numbersIn(before)].filter((number) => !there.has(number))
        expect(lost).toEqual([])
      }
      const here = (await changes()).slice(begun)
      const elsewhere = doneElsewhere(here)
      expect(recordsById(withChanges(base, [...here, elsewhere]))).toEqual(
        recordsById(withChanges(base, [elsewhere, ...here])),
      )
      store.undo()
      expect(held(store)).toEqual(before)
      store.redo()
      expect(held(store)).toEqual(after)
      store.undo()
    },
  )

  it.each(actNames)('%s refuses what is not there', async (name) => {
    const empty = makeTestStore()
    await empty.load()
    const before = held(empty)
    const outcome = act(empty, makeDice(empty, makeRandom(5)), name)
    if (outcome.ok) expect(pointlessIn(held(empty))).toEqual([])
    else expect(held(empty)).toEqual(before)
    while (empty.undo() !== null) continue
    expect(held(empty)).toEqual(before)
  })
})
