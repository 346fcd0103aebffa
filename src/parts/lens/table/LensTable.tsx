// A lens as a table: its columns chosen, sized and sorted; a cell opens what sets it, by a press or by keys; sums and
// counts at the foot; copied out as tab-separated text. It scrolls both ways under its titles.
import { useMemo, useRef, type ClipboardEvent } from 'react'
import { useMedia } from '@tamagui/core'
import { ChosenField } from '@/parts/choosers/useChooser'
import { recordIn } from '@/core/journal'
import { DrawnLines } from '@/parts/rows/DrawnLines'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument } from '@/held/zen'
import { count } from '@/words'
import { asTabbedText } from '@/words/details'
import type { LensShown } from '../shown/lensProps'
import { isTitled } from '../shown/lensProps'
import { everythingIn, linesOf } from '../shown/linesOf'
import { useFitsBelow } from '../shown/useFitsBelow'
import { useRemembered } from '../shown/useRemembered'
import { HeadLine, TableRow } from './TableRow'
import { TableFoot } from './TableFoot'
import { TableHead } from './TableHead'
import { useCells } from './useCells'

const heights = { row: 52, band: 48, head: 44 } as const

export function LensTable(shown: LensShown) {
  const { id, list, lenses, look, details } = shown
  const { wide } = useMedia()
  const act = useAct()
  const document = useHeldDocument()
  const titled = isTitled(shown)
  const lines = useMemo(() => linesOf(list, titled, heights), [list, titled])
  const columns = useMemo(() => lenses.columnsIn(look.columns), [lenses, look.columns])
  const boxRef = useRef<HTMLDivElement>(null)
  const band = useBandBox(() => everythingIn(list))
  useFitsBelow(boxRef)
  useRemembered(`${id} table`, boxRef)
  const cells = useCells({ lines, columns, boxRef })
  const titleWidth = wide ? 340 : 190
  const template = `${titleWidth}px ${columns.map(({ width }) => `${width}px`).join(' ')}`
  const asText = () => {
    const chosen = new Set<string>(desk.getState().chosen)
    const everything = everythingIn(list)
    const rows = chosen.size > 0 ? everything.filter((action) => chosen.has(action.id)) : everything
    return {
      text: asTabbedText(
        columns.map(({ field }) => field),
        rows,
        details,
      ),
      rows: rows.length,
    }
  }
  const copied = (rows: number) =>
    desk.getState().tell(`Copied: ${count(rows, 'row')}, ready to paste into a table`)
  const onCopy = (event: ClipboardEvent) => {
    if (!window.getSelection()?.isCollapsed || (event.target as HTMLElement).closest('input')) return
    const { text, rows } = asText()
    event.clipboardData.setData('text/plain', text)
    event.preventDefault()
    copied(rows)
  }
  const copy = () => {
    const { text, rows } = asText()
    void navigator.clipboard.writeText(text).then(
      () => copied(rows),
      () =>
        desk.getState().tell('The browser does not allow copying from here. Press Ctrl+C in the table.', {
          problem: true,
        }),
    )
  }
  const { chosen } = cells
  const opened = chosen && recordIn(document, chosen.id)
  return (
    <InBand.Provider value={band}>
      <div
        ref={boxRef}
        role="grid"
        aria-label="What this lens lists"
        aria-rowcount={lines.length + 2}
        aria-colcount={columns.length + 1}
        className="lens-table"
        onKeyDown={cells.onKeyDown}
        onCopy={onCopy}
      >
        <TableHead template={template} columns={columns} {...shown} />
        <DrawnLines
          role="rowgroup"
          lines={lines}
          boxRef={boxRef}
          draw={(line, index) => {
            const place = { template, height: heights[line.kind], index }
            return line.kind === 'row' ? (
              <TableRow
                action={line.action}
                place={place}
                columns={columns}
                cells={cells}
                details={details}
              />
            ) : (
              <HeadLine line={line} place={place} {...shown} />
            )
          }}
        />
        <TableFoot template={template} columns={columns} list={list} details={details} onCopy={copy} />
      </div>
      {chosen && opened ? (
        <ChosenField
          key={`${chosen.id} ${chosen.field}`}
          field={chosen.field}
          of={opened}
          onSet={(patch) => act('editAction', { id: chosen.id, patch })}
          onClose={cells.close}
        />
      ) : null}
    </InBand.Provider>
  )
}
