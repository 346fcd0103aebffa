// The sentence over a lens's list: it says the lens whole, and each part of it opens what sets it.
import { useState } from 'react'
import type { Lens, LensNames, LensPart } from '@/core/lens'
import { select, type OnDemand } from '@/state'
import { OpenedLensChooser } from '@/parts/choosers/useChooser'
import type { LensTarget } from '@/parts/choosers/lens/lensChooserProps'
import { Icon } from '@/ui'
import { useHeld } from '@/held/zen'

export function LensSentence({
  lens,
  lenses,
  names,
  isFolded = false,
  onlyConditions = false,
  onChange,
}: {
  readonly lens: Lens
  readonly lenses: OnDemand['lenses']
  readonly names: LensNames
  /** On one line that swipes. */
  readonly isFolded?: boolean
  /** Nothing but which actions: a filter of a list that has its own order. */
  readonly onlyConditions?: boolean
  readonly onChange: (lens: Lens) => void
}) {
  const [target, setTarget] = useState<LensTarget | null>(null)
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const parts = lenses.lensParts(lens, names)
  const last = parts.findLastIndex(({ kind }) => kind !== 'words')
  const draw = (part: LensPart, at: number) =>
    part.kind === 'words' ? (
      <span key={at}>{part.text}</span>
    ) : (
      <button
        key={`${at} ${part.text}`}
        type="button"
        className="lens-part"
        aria-haspopup="dialog"
        onClick={() => setTarget(part)}
      >
        {part.text}
      </button>
    )
  return (
    <p
      className={isFolded ? 'lens-sentence folded swipes' : 'lens-sentence'}
      role="group"
      aria-label={onlyConditions ? 'What is counted' : 'What this lens lists'}
    >
      {parts.slice(0, Math.max(0, last)).map(draw)}
      {/* Its end and what says more stand on one line. */}
      <span className="lens-end">
        {parts.slice(Math.max(0, last)).map(draw)}
        <button
          type="button"
          className="lens-more"
          aria-label={`Say more of this ${onlyConditions ? 'filter' : 'lens'}`}
          aria-haspopup="dialog"
          onClick={() => setTarget({ kind: 'more' })}
        >
          <Icon name="plus" size={18} tone="brass" />
        </button>
      </span>
      {target ? (
        <OpenedLensChooser
          target={target}
          lens={lens}
          onlyConditions={onlyConditions}
          lenses={lenses}
          weekStartsOn={weekStartsOn}
          onSet={onChange}
          onClose={() => setTarget(null)}
        />
      ) : null}
    </p>
  )
}
