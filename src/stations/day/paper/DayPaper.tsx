// The Day sheet on paper: its date, its load in words, its bands with boxes to tick, and lines to write on.
import { minutesOf, type DayBandName } from '@/core/day'
import { useLoads } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { bandWords, duration, loadWords, longDate } from '@/words'
import { useDayBands } from '../useDayBands'
import { PaperRows } from '@/parts/rows/PaperRows'

const inOrder: readonly Exclude<DayBandName, 'inReach'>[] = [
  'carriedOver',
  'dueToday',
  'chase',
  'underway',
  'picked',
  'week',
]
const lines = [1, 2, 3, 4, 5]

export function DayPaper() {
  const day = useDayBands()
  const today = useToday()
  const bands = day.bands.planned(day.document)
  const { plain, verdict, more } = loadWords(useLoads()(today))
  return (
    <article className="on-paper">
      <h1>{longDate(today)}</h1>
      <p className="paper-load">{`${plain}${verdict}${more}`}</p>
      {inOrder.map((name) =>
        bands[name].length > 0 ? (
          <PaperRows
            key={name}
            title={bandWords[name]}
            end={[
              String(bands[name].length),
              minutesOf(bands[name]) > 0 ? duration(minutesOf(bands[name])) : null,
            ]
              .filter(Boolean)
              .join(' · ')}
            actions={bands[name]}
          />
        ) : null,
      )}
      <section className="paper-band" aria-hidden>
        <h2 className="paper-heading">
          <span>What comes up</span>
        </h2>
        {lines.map((line) => (
          <div key={line} className="paper-line" />
        ))}
      </section>
    </article>
  )
}
