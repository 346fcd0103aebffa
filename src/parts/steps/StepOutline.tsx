// The steps of what is opened, as an outline: each reads as a line until it is touched, what is finished sinks, and one
// line stands ready for another step.
import { memo, useDeferredValue, useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { flushSync } from 'react-dom'
import type { Id, OwnerId } from '@/core/record'
import { outlineOf, placeBeside, type OutlineRow } from '@/core/steps'
import { owned, select } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { BandHeading, Button, Column } from '@/ui'
import { useDragKitOnDemand } from '@/ui/dragging/useDragKit'
import { AnotherStep, type LinePlace } from './AnotherStep'
import { indentOf } from './indentOf'
import { Carrying, Landable, LandingMark, StepsByDrag, useCarried } from './StepDrag'
import { StepEdit } from './StepEdit'
import { StepTick } from './StepTick'

/** Steps shown at once: more are a touch away. */
const portion = 200
/** Drawn with what is opened; the others of the portion follow at once, and hold nothing up. */
const inSight = 20

/** Drawn again when its own steps change, and not with each key in the note beside it. */
export const StepOutline = memo(function StepOutline({
  of,
  asked: askedFor = 0,
}: {
  of: OwnerId
  /** How often another step was asked for: each time its line takes the focus. */
  asked?: number
}) {
  const act = useAct()
  const steps = useHeld(({ document }) => owned.stepsOf(document, of))
  const hideDone = useHeld(({ document }) => select.settingsOf(document).hideDoneSteps)
  const rows = outlineOf(steps, { hideDone })
  const [editing, setEditing] = useState<Id<'step'> | null>(null)
  const [place, setPlace] = useState<LinePlace | null>(null)
  const answeredRef = useRef(0)
  const [asked, setAsked] = useState(portion)
  const shown = useDeferredValue(asked, inSight)
  const { kit, quiet } = useQuietKit()
  const done = steps.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null).length
  const behind = place && rows.findIndex(({ step }) => step.id === place.behindId)
  const lineAt = behind !== null && behind >= 0 ? behind : null
  const line = (
    <AnotherStep
      key="another"
      of={of}
      rows={rows}
      at={lineAt ?? rows.length - 1}
      place={lineAt === null ? null : place}
      asked={askedFor}
      answeredRef={answeredRef}
      onPlace={setPlace}
    />
  )
  const edit = (id: Id<'step'> | null) => {
    setEditing(id)
    if (id) setPlace(null)
  }
  const list = (
    <ul className="steps" aria-label="Steps" onKeyDown={moveAmongRows} {...quiet}>
      {rows.slice(0, shown).flatMap((row, index) => [
        row.step.id === editing ? (
          <StepEdit
            key={row.step.id}
            steps={steps}
            step={row.step}
            indent={indentOf(row.depth)}
            before={rows[index - 1]?.step.id ?? null}
            onEdit={edit}
            onNext={() => {
              setEditing(null)
              setPlace({ behindId: row.step.id, depth: row.depth + (row.under > 0 ? 1 : 0) })
            }}
          />
        ) : (
          <StepRow
            key={row.step.id}
            row={row}
            onEdit={edit}
            onMove={(by) => {
              const place = placeBeside(steps, row.step, by)
              if (place) act('moveStep', { id: row.step.id, place })
            }}
          />
        ),
        ...(lineAt === index ? [line] : []),
      ])}
      {lineAt === null && rows.length <= shown ? line : null}
    </ul>
  )
  return (
    <Column>
      <BandHeading title="Steps" end={steps.length > 0 ? `${done} of ${steps.length}` : undefined}>
        {done > 0 ? (
          <Button
            kind="quiet"
            label={hideDone ? 'Show finished' : 'Hide finished'}
            onPress={() => act('setSettings', { hideDoneSteps: !hideDone }, { say: false })}
          />
        ) : null}
      </BandHeading>
      {kit ? (
        <StepsByDrag kit={kit} rows={rows} steps={steps}>
          {list}
        </StepsByDrag>
      ) : (
        list
      )}
      {rows.length > asked ? (
        <Button
          kind="quiet"
          label={`Show ${Math.min(portion, rows.length - asked)} more of ${rows.length - asked}`}
          onPress={() => setAsked(asked + portion)}
        />
      ) : null}
    </Column>
  )
})

/** A press lands where it was begun: nothing moves until it is over. */
const afterPressMs = 400

/**
 * What carries steps, taken up while nobody writes among them: the outline is laid out anew with it, and whoever was
 * writing would lose the next key.
 */
function useQuietKit() {
  const loaded = useDragKitOnDemand()
  // Where it is there from the beginning, nothing has to be laid out anew.
  const [kit, setKit] = useState(loaded)
  const [since, setSince] = useState<'untouched' | 'written' | 'left'>('untouched')
  useEffect(() => {
    if (!loaded || since === 'written') return
    // At once: who begins to write between this moment and a later drawing would be laid out anew after all.
    const takeUp = () => flushSync(() => setKit(loaded))
    const timer = setTimeout(takeUp, since === 'untouched' ? 0 : afterPressMs)
    return () => clearTimeout(timer)
  }, [loaded, since])
  return { kit, quiet: { onFocus: () => setSince('written'), onBlur: () => setSince('left') } }
}

function StepRow({
  row: { step, depth, under, doneUnder },
  onEdit,
  onMove,
}: {
  row: OutlineRow
  onEdit: (id: Id<'step'>) => void
  onMove: (by: 1 | -1) => void
}) {
  const { id, title, doneAtEpochMs } = step
  const element = useRef<HTMLLIElement>(null)
  const { isHeld, isLandable, handlers } = useCarried(id)
  const told = (
    <>
      <button
        type="button"
        className="step-open"
        data-step
        onClick={() => onEdit(id)}
        onKeyDown={(event) => {
          const by = { ArrowDown: 1, ArrowUp: -1 }[event.key] as 1 | -1 | undefined
          if (!event.altKey || by === undefined) return
          event.preventDefault()
          event.stopPropagation()
          onMove(by)
        }}
      >
        <span className={doneAtEpochMs === null ? '' : 'struck'}>{title}</span>
        {under > 0 ? (
          <span className="step-count">
            {doneUnder} of {under}
          </span>
        ) : null}
      </button>
      <StepTick step={step} />
    </>
  )
  return (
    <li
      ref={element}
      className="step-row"
      style={{ paddingLeft: indentOf(depth) }}
      aria-level={depth + 1}
      {...handlers}
    >
      {told}
      {isHeld ? <Carrying id={id} row={element} /> : null}
      {isLandable ? <Landable id={id} row={element} /> : null}
      <LandingMark behindId={id} />
    </li>
  )
}

/** The arrows go from row to row; Enter or a touch opens one. */
function moveAmongRows(event: KeyboardEvent<HTMLElement>): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const from = document.activeElement
  if (by === undefined || !from?.matches('[data-step]')) return
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-step], textarea, input')]
  const next = all[all.indexOf(from as HTMLElement) + by]
  if (!next) return
  event.preventDefault()
  event.stopPropagation()
  next.focus()
}
