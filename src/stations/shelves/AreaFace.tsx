// The face of an area: its seal and name, how much is open on it, what has no next action, and whether it is time to
// look it through. There may be dozens: each is drawn as plain elements.
import { memo } from 'react'
import type { Area, Id, Project } from '@/core/record'
import { addDays, weekStartOf } from '@/core/time'
import { select } from '@/state'
import { lookThroughOn, shelfSumsOf } from '@/state/read/shelfSums'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useHeld, useToday } from '@/held/zen'
import { Seal } from '@/ui'
import { count, duration, nearDate } from '@/words'
import { FoldButton, useFolded } from './FoldButton'
import { RankButtons } from './RankButtons'

interface AreaFaceProps {
  readonly area: Area
  readonly projects: readonly Project[]
  readonly siblings: readonly Id<'area'>[] | null
  /** Beside its board, or as its heading where there is no room beside it. */
  readonly isBeside: boolean
}

export const AreaFace = memo(function AreaFace({ area, projects, siblings, isBeside }: AreaFaceProps) {
  const { open } = useSurroundings()
  const [isFolded] = useFolded(area.id)
  const classes = ['shelf-card', 'area-face', isBeside ? 'aside' : '', isFolded ? 'folded' : '']
  return (
    <div className={classes.filter(Boolean).join(' ')} data-of={area.id}>
      <div className="area-line">
        <button type="button" className="area-open" data-row onClick={() => open(area.id)}>
          <Seal letters={area.letters} ink={area.ink} size={36} />
          <span className="area-words">
            <h3 className="area-name">{area.name}</h3>
            <Sums area={area} projects={projects} isBeside={isBeside} />
          </span>
        </button>
        <FoldButton id={area.id} name={area.name} />
      </div>
      {siblings ? <RankButtons id={area.id} name={area.name} siblings={siblings} /> : null}
    </div>
  )
})

function Sums({ area, projects, isBeside }: Pick<AreaFaceProps, 'area' | 'projects' | 'isBeside'>) {
  const today = useToday()
  const sums = useHeld(({ document }) => {
    const { weekStartsOn } = select.settingsOf(document)
    return shelfSumsOf(document, area, projects, today, addDays(weekStartOf(today, weekStartsOn), 6))
  })
  const lookOn = lookThroughOn(area, today)
  const isToLookThrough = lookOn !== null && lookOn <= today
  const told = [
    count(projects.length, 'project'),
    count(sums.actions, 'action'),
    sums.minutes > 0 ? duration(sums.minutes) : null,
    sums.weekMinutes > 0 ? `${duration(sums.weekMinutes)} this week` : null,
    area.lookedOn && !isToLookThrough ? `looked through ${nearDate(area.lookedOn, today)}` : null,
  ].filter((words) => words !== null)
  const clay = [
    sums.withoutNext > 0 ? `${sums.withoutNext} without a next action` : null,
    isToLookThrough
      ? `to be looked through${area.lookedOn ? ` since ${nearDate(lookOn, today)}` : ''}`
      : null,
  ].filter((words) => words !== null)
  return (
    <>
      <span className="area-sums">
        {isBeside
          ? told.map((words, at) => (
              <span key={words}>
                {at > 0 ? <br /> : null}
                {words}
              </span>
            ))
          : told.join(' · ')}
      </span>
      {clay.map((words) => (
        <span key={words} className="area-sums clay">
          {words}
        </span>
      ))}
    </>
  )
}
