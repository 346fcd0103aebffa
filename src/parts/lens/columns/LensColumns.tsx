// A lens as columns side by side: carried from one to the next, a thing takes what the column is of. Each scrolls by
// itself; on a phone they are a strip that is swiped through.
import { useId, useMemo, useRef, type KeyboardEvent, type ReactNode } from 'react'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { Carrying, DropPlace } from '../shown/carry'
import { ColumnLimit } from '@/parts/columns/ColumnLimit'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { DrawnLines } from '@/parts/rows/DrawnLines'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { allOf, lineForEach, linesOfPieces, oneLine, type Lines } from '@/parts/rows/lines'
import { useHeld } from '@/held/zen'
import { Row, Words } from '@/ui'
import { duration } from '@/words'
import { headingWords } from '@/words/lens'
import { bandTitle } from '../shown/bandTitle'
import { LensRow } from '../shown/LensRow'
import type { LensShown } from '../shown/lensProps'
import { useLensLaying } from '../shown/useLensLaying'
import { useFitsBelow } from '../shown/useFitsBelow'
import { useRemembered } from '../shown/useRemembered'

type Column = ReturnType<LensShown['lenses']['columnsOf']>[number]

export function LensColumns(shown: LensShown & { readonly columns: readonly Column[] }) {
  const { id, lens, names, columns } = shown
  const [field] = lens.groups
  const places = useMemo(
    () =>
      columns.map(({ key, bands }) => ({
        in: key || 'none',
        band: null,
        under: field ? [[field, key] as const] : [],
        actions: bands.length === 1 ? (bands[0]?.actions ?? []) : bands.flatMap(({ actions }) => actions),
      })),
    [columns, field],
  )
  const { lay, asked } = useLensLaying(shown, places)
  if (!field) return null
  return (
    <Carrying lay={lay} lifted={(carried) => <Lifted id={carried} />}>
      <SideBySide name={`${id} columns`} label={`Columns by ${shown.lenses.groupWords[field]}`}>
        {columns.map((column, at) => (
          <OneColumn
            key={column.key}
            column={column}
            title={headingWords(field, column.key, names)}
            actions={places[at]?.actions ?? []}
            {...shown}
          />
        ))}
      </SideBySide>
      {asked}
    </Carrying>
  )
}

/** Laid out anew where carrying has loaded: what is remembered of it begins again with it. */
function SideBySide({ name, label, children }: { name: string; label: string; children: ReactNode }) {
  const stripRef = useRef<HTMLDivElement>(null)
  useFitsBelow(stripRef)
  useRemembered(name, stripRef)
  return (
    <div ref={stripRef} className="lens-columns" role="group" aria-label={label} onKeyDown={acrossColumns}>
      {children}
    </div>
  )
}

/** What is in the hand, over all columns. */
function Lifted({ id }: { readonly id: Id<'action'> }) {
  const title = useHeld((state) => recordIn(state.document, id)?.title ?? '')
  return <div className="lens-lifted">{title}</div>
}

/** Left and right lead to the columns beside, at about the same height. */
function acrossColumns(event: KeyboardEvent<HTMLElement>): void {
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  const from = event.target as HTMLElement
  const column = from.closest('.lens-column')
  if (!step || event.altKey || !column || !from.closest('li')) return
  event.preventDefault()
  const columns = [...event.currentTarget.querySelectorAll('.lens-column')]
  const height = from.getBoundingClientRect().top
  for (let at = columns.indexOf(column) + step; columns[at]; at += step) {
    const rows = [...(columns[at] as Element).querySelectorAll<HTMLElement>('[data-row]')]
    const away = (row: HTMLElement) => Math.abs(row.getBoundingClientRect().top - height)
    const [nearest] = rows.sort((a, b) => away(a) - away(b))
    if (!nearest) continue
    nearest.focus({ preventScroll: true })
    nearest.scrollIntoView({ block: 'nearest', inline: 'nearest' })
    return
  }
}

function OneColumn({
  column,
  title,
  actions,
  ...shown
}: LensShown & { readonly column: Column; readonly title: string; readonly actions: readonly Action[] }) {
  const id = useId()
  const { look } = shown
  const limitKey = `${shown.lens.groups[0]} ${column.key}`
  const limit = look.limits[limitKey] ?? null
  const box = useBandBox(() => actions)
  return (
    <DropPlace place={{ kind: 'in', in: column.key || 'none' }} className="lens-column">
      <section className="lens-column-in" aria-labelledby={id}>
        <Row gap="$2" alignItems="baseline" paddingHorizontal="$2.5" minHeight={44}>
          <Words render="h3" id={id} strong flex={1} minWidth={0}>
            {title}
          </Words>
          <ChooseAll title={title} of={actions} />
          {column.minutes > 0 ? (
            <Words size="second" tone="inkSoft" whiteSpace="nowrap">
              {duration(column.minutes)}
            </Words>
          ) : null}
          <ColumnLimit
            title={title}
            count={column.count}
            limit={limit}
            onSet={(next) => {
              const { [limitKey]: _, ...others } = look.limits
              look.change(
                { limits: next === null ? others : { ...others, [limitKey]: next } },
                next === null ? `No limit: ${title}` : `At most ${next}: ${title}`,
              )
            }}
          />
        </Row>
        <InBand.Provider value={box}>
          <ColumnRows column={column} title={title} {...shown} />
        </InBand.Provider>
      </section>
    </DropPlace>
  )
}

type Line =
  | { readonly id: string; readonly kind: 'band'; readonly title: string }
  | { readonly id: string; readonly kind: 'row'; readonly action: Action }

/** So many rows are laid out whole. */
const wholeUpTo = 40
/** A row in a column: a title of two lines and its details, in px. */
const usualHeight = 86

function ColumnRows({
  column,
  title,
  ...shown
}: LensShown & { readonly column: Column; readonly title: string }) {
  const lines = useMemo(() => {
    const isTitled = shown.lens.bands.length > 0 || column.bands.some(({ band }) => band === 'done')
    return linesOfPieces(
      column.bands.flatMap(({ band, actions }) => [
        ...(isTitled
          ? [oneLine<Line>({ id: `band ${band}`, kind: 'band', title: bandTitle(band, shown) }, 34)]
          : []),
        lineForEach(actions, usualHeight, (action): Line => ({ id: action.id, kind: 'row', action })),
      ]),
    )
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a band is called follows from the lens
  }, [column, shown.lens, shown.names])
  const draw = (line: Line) =>
    line.kind === 'band' ? (
      <li className="lens-caption">{line.title}</li>
    ) : (
      <LensRow
        action={line.action}
        showArea={false}
        lens={shown.lens}
        look={shown.look}
        details={shown.details}
      />
    )
  const name = `${shown.id} column ${column.key}`
  return lines.length > wholeUpTo ? (
    <LongColumn lines={lines} label={title} name={name} draw={draw} />
  ) : (
    <WholeColumn lines={lines} label={title} name={name} draw={draw} />
  )
}

interface LinesProps {
  readonly lines: Lines<Line>
  readonly label: string
  readonly name: string
  readonly draw: (line: Line) => ReactNode
}

function WholeColumn({ lines, label, name, draw }: LinesProps) {
  const boxRef = useRef<HTMLDivElement>(null)
  useRemembered(name, boxRef)
  return (
    <div ref={boxRef} className="lens-column-scroll">
      {lines.length === 0 ? <p className="lens-nothing">Empty. Drag an action here.</p> : null}
      <ul aria-label={label}>
        {allOf(lines).map((line) => (
          <Bare key={line.id}>{draw(line)}</Bare>
        ))}
      </ul>
    </div>
  )
}

const Bare = ({ children }: { children: ReactNode }) => <>{children}</>

function LongColumn({ lines, label, name, draw }: LinesProps) {
  const boxRef = useRef<HTMLDivElement>(null)
  useRemembered(name, boxRef)
  return (
    <div ref={boxRef} className="lens-column-scroll">
      <DrawnLines role="list" label={label} lines={lines} boxRef={boxRef} draw={draw} />
    </div>
  )
}
