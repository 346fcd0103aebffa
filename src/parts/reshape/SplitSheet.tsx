// Splitting a slip: its words lie there as the pieces they are in now. A touch on a word begins a piece with it; a
// touch on the first word of a piece puts it back to the one above.
import { useState } from 'react'
import { Button, Column, Row, SlideOver, Words } from '@/ui'
import { cuttablesOf, everyLine, isJoining, piecesOf } from '@/core/setdown/splitting'
import type { Slip } from '@/core/record'
import { useReader } from '@/held/reader'
import { useAct } from '@/held/zen'
import { count, shortened } from '@/words'

/** So many places to cut are shown; what comes behind stays with the last piece. */
const mostShown = 240

export function SplitSheet({ slip, onClose }: { slip: Slip; onClose: () => void }) {
  const act = useAct()
  const reader = useReader()
  const [cuts, setCuts] = useState<ReadonlySet<number>>(new Set())
  const all = cuttablesOf(slip)
  const shown = all.slice(0, mostShown)
  const lines = everyLine(shown)
  const pieces = piecesOf(all, cuts)
  const toggle = (place: number) => {
    const next = new Set(cuts)
    if (!next.delete(place)) next.add(place)
    setCuts(next)
  }
  const split = () => {
    const made = pieces.map(({ text, note }) => ({
      text,
      note,
      takenOff: reader.stillTakenOff(text, slip.takenOff),
    }))
    const say = `Split into ${count(made.length, 'slip')}: ${shortened(slip.text)}`
    if (act('splitSlip', { id: slip.id, pieces: made }, { say }).ok) onClose()
  }
  /** A joining word at an edge goes: it is seen to. */
  const cutClass = (place: number): string => {
    const isEdge = cuts.has(place) || cuts.has(place + 1)
    if (shown[place]?.isLine) return 'cut line'
    return isEdge && isJoining(shown[place]?.words ?? '') ? 'cut joining' : 'cut'
  }
  const groups: number[][] = []
  for (const place of shown.keys()) {
    if (place === 0 || cuts.has(place)) groups.push([])
    groups.at(-1)?.push(place)
  }
  return (
    <SlideOver title="Split it" onClose={onClose}>
      <Words size="second" tone="inkSoft">
        Tap the word or line where the next slip begins.
      </Words>
      <Column gap="$2" style={{ maxHeight: '52dvh', overflowY: 'auto' }}>
        {groups.map((places, index) => (
          <div key={places[0]} role="group" aria-label={`Slip ${index + 1}`} className="piece">
            {places.map((place) => (
              <button
                key={place}
                type="button"
                className={cutClass(place)}
                disabled={place === 0}
                aria-pressed={cuts.has(place)}
                aria-label={`Start a slip with ${shortened(shown[place]?.words ?? '')}`}
                onClick={() => toggle(place)}
              >
                {shown[place]?.words}
              </button>
            ))}
          </div>
        ))}
      </Column>
      {all.length > shown.length ? (
        <Words size="second" tone="inkSoft">
          {count(all.length - shown.length, 'more word or line', 'more words and lines')} stay with the last
          slip.
        </Words>
      ) : null}
      <Row gap="$2" justifyContent="space-between">
        {lines.size > 0 ? (
          <Button kind="quiet" label="Every line a slip" onPress={() => setCuts(lines)} />
        ) : (
          <span />
        )}
        <Button
          kind="main"
          label={pieces.length > 1 ? `Make ${count(pieces.length, 'slip')}` : 'Nothing cut yet'}
          disabled={pieces.length < 2}
          onPress={split}
        />
      </Row>
    </SlideOver>
  )
}
