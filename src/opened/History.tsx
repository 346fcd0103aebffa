// What happened to a record, from the journal, in plain words.
import { useLayoutEffect, useState } from 'react'
import type { Change } from '@/core/journal'
import { actKindOf, actKinds, storyOf, type ActKind } from '@/core/journal/story'
import type { ZenStore } from '@/state'
import { mergedInBy } from '@/state/read/mergedIn'
import { BandHeading, Choice, Column, Words } from '@/ui'
import { changeMoment, historyWords } from '@/words/history'
import { actKindWords, storyWords } from '@/words/story'
import { useReader } from '@/held/reader'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'

/** A history of so many acts is read whole; of more, one kind of them can be chosen. */
const fewActs = 6

/** So many things, one made of another, are followed back. */
const furthestBack = 24

/** The history of a thing, with that of what it was made of or had merged into it, up to when that happened. */
async function withTakenIn(
  store: ZenStore,
  own: readonly Change[],
  of: string,
): Promise<{ readonly changes: readonly Change[]; readonly seen: ReadonlySet<string> }> {
  const found = new Map(own.map((change) => [change.stamp, change]))
  const waiting = mergedInBy(own, of)
  const seen = new Set([of])
  for (let taken = waiting.shift(); taken && seen.size < furthestBack; taken = waiting.shift()) {
    const { id, until } = taken
    if (seen.has(id)) continue
    seen.add(id)
    const changes = (await store.historyOf([id])).filter(({ stamp }) => stamp <= until)
    changes.forEach((change) => found.set(change.stamp, change))
    waiting.push(...mergedInBy(changes, id))
  }
  return { changes: [...found.values()].sort((a, b) => (a.stamp < b.stamp ? -1 : 1)), seen }
}

export function History({
  ids,
  of,
  bare = false,
}: {
  ids: readonly string[]
  of: string
  /** Where what it stands in is named so already. */
  bare?: boolean
}) {
  const { store, clock } = useZen()
  const document = useHeldDocument()
  const today = useToday()
  const { kinds } = useReader()
  const latest = useHeld((state) => state.recent.at(-1)?.stamp)
  const [told, setTold] = useState<{
    readonly changes: readonly Change[]
    /** It and what it was made of. */
    readonly seen: ReadonlySet<string>
  } | null>(null)
  const key = ids.join(' ')
  // At once, and not after the first paint: the story is read while the rest is drawn.
  useLayoutEffect(() => {
    let wanted = true
    const tell = (found: NonNullable<typeof told>) => {
      if (wanted) setTold(found)
    }
    store.historyOf(key.split(' ')).then(
      (own) => {
        tell({ changes: own, seen: new Set([...key.split(' '), of]) })
        if (mergedInBy(own, of).length > 0) withTakenIn(store, own, of).then(tell, () => {})
      },
      () => tell({ changes: [], seen: new Set() }),
    )
    return () => {
      wanted = false
    }
  }, [store, key, of, latest])
  const [only, setOnly] = useState<ActKind | null>(null)
  if (!told) return null
  const zone = clock.zone()
  const kindsThere = new Map(told.changes.map((change) => [change.stamp, actKindOf(change, of)]))
  const offered = actKinds.filter((kind) => [...kindsThere.values()].includes(kind))
  const isLong = told.changes.length > fewActs && offered.length > 1
  const shown =
    only && isLong ? told.changes.filter(({ stamp }) => kindsThere.get(stamp) === only) : told.changes
  const story = storyWords(storyOf(told.changes, of, clock.nowEpochMs()), zone, today)
  return (
    <Column render={bare ? 'div' : 'section'} aria-label={bare ? undefined : 'History'}>
      {bare ? null : <BandHeading title="History" />}
      {story === '' || told.changes.length < 2 ? null : (
        <Words size="second" paddingBottom="$1.5">
          {story}
        </Words>
      )}
      {isLong ? (
        <Choice
          label="Which acts"
          shown={false}
          options={[
            { value: 'all', label: 'All' },
            ...offered.map((value) => ({ value, label: actKindWords[value] })),
          ]}
          chosen={[only ?? 'all']}
          onToggle={(value) => setOnly(value === 'all' ? null : (value as ActKind))}
          oneLine
        />
      ) : null}
      <Column render="ol" gap="$1.5">
        {shown.map((change) => (
          <Words render="li" key={change.stamp} size="second" tone="inkSoft">
            {changeMoment(change, zone, today)} ·{' '}
            {historyWords(change, of, { document, today, kinds }, told.seen)}
          </Words>
        ))}
      </Column>
    </Column>
  )
}
