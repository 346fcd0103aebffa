// What is kept for later, area by area: on the shelf, and someday. Each can be brought nearer by a touch, several
// together.
import { useOfSide } from '@/held/side'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { EmptyPlace } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { nearDate } from '@/words'
import { NewHeld } from './NewHeld'

interface Head {
  readonly id: string
  readonly name: string
  readonly count: number
  /** The day the area was last looked through. */
  readonly lookedOn: CalendarDate | null
}

/** The actions of each area under its name, areas in the order they stand in, those of none at the end. */
function byArea(document: Document, actions: readonly Action[]): readonly (Head | Action)[] {
  const found = new Map<string, Action[]>()
  for (const action of actions) {
    const key = select.areaOf(document, action)?.id ?? ''
    const inside = found.get(key)
    if (inside) inside.push(action)
    else found.set(key, [action])
  }
  const areas = [
    ...select.areasOf(document).map(({ id, name, lookedOn }) => ({ id: id as string, name, lookedOn })),
    onNone,
  ]
  return areas.flatMap(({ id, name, lookedOn }) => {
    const inside = found.get(id) ?? []
    return inside.length > 0 ? [{ id: `head ${id}`, name, count: inside.length, lookedOn }, ...inside] : []
  })
}
const onNone = { id: '', name: 'No area', lookedOn: null }

const isHead = (row: Head | Action): row is Head => 'count' in row

export function KeptForLater() {
  const document = useHeldDocument()
  const today = useToday()
  const ofSide = useOfSide()
  const onShelf = ofSide(useHeld((state) => lists.onShelfOf(state.document)))
  const someday = ofSide(useHeld((state) => lists.somedayOf(state.document)))
  if (onShelf.length + someday.length === 0)
    return (
      <EmptyPlace says="What you may do one day. No need to decide now.">
        <NewHeld as="someday" />
      </EmptyPlace>
    )
  return (
    <>
      {(
        [
          ['Later', onShelf],
          ['Someday', someday],
        ] as const
      ).map(([title, actions]) =>
        actions.length > 0 ? (
          <Band
            key={title}
            title={title}
            actions={actions}
            tone="plum"
            rows={byArea(document, actions)}
            render={(row) => {
              const line = row as Head | Action
              return isHead(line) ? (
                <li className="lens-head">
                  <h3>{line.name}</h3>
                  <span>
                    {line.lookedOn
                      ? `${line.count}, looked through ${nearDate(line.lookedOn, today)}`
                      : line.count}
                  </span>
                </li>
              ) : (
                <ActionRow action={line} showProject showArea={false} quick="nearer" />
              )
            }}
          />
        ) : null,
      )}
      <NewHeld as="someday" />
    </>
  )
}
