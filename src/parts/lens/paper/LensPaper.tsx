// A lens on paper: its name, its sentence, its bands and headings, every row with a box to tick. However it is shown
// on the screen, paper is a list: by its columns or days where it is shown by those.
import { Fragment, use } from 'react'
import { localMomentAt } from '@/core/time'
import { useHeldDocument } from '@/held/zen'
import { longDate } from '@/words'
import { detailOnRow } from '@/words/details'
import { headingWords, sumWords } from '@/words/lens'
import { LensTools } from '../lensTools'
import { dayTitle } from '../days/dayTitle'
import { bandTitle } from '../shown/bandTitle'
import { isTitled, type Group, type LensShown } from '../shown/lensProps'
import { everythingIn } from '../shown/linesOf'

export function LensPaper({ name, ...shown }: LensShown & { readonly name: string }) {
  const { lens, lenses, names, list, day } = shown
  return (
    <article className="on-paper">
      <h1>{name}</h1>
      <p className="paper-load">{lenses.lensParts(lens, names).map(({ text }) => text)}</p>
      <p className="paper-load">{`${longDate(day.today)} · ${sumWords(list)}`}</p>
      {shown.look.view === 'byDate' ? <DaysOnPaper {...shown} /> : <BandsOnPaper {...shown} />}
    </article>
  )
}

function useTelling({ look, details }: LensShown) {
  if (look.details.length === 0) return undefined
  return (action: Parameters<typeof detailOnRow>[1]) =>
    look.details
      .map((field) => detailOnRow(field, action, details))
      .filter(Boolean)
      .join(' · ')
}

function BandsOnPaper(shown: LensShown) {
  const titled = isTitled(shown)
  return shown.list.bands.map((band) => (
    <Fragment key={String(band.band)}>
      {titled ? (
        <h2 className="paper-heading paper-band-name">
          <span>{bandTitle(band.band, shown)}</span>
          <span className="paper-sum">{sumWords(band)}</span>
        </h2>
      ) : null}
      {band.groups.map((group) => (
        <GroupOnPaper key={group.key} group={group} inner={titled} {...shown} />
      ))}
    </Fragment>
  ))
}

function GroupOnPaper({
  group,
  inner,
  ...shown
}: LensShown & { readonly group: Group; readonly inner: boolean }) {
  const parts = use(LensTools)
  const tell = useTelling(shown)
  const title = group.field === null ? '' : headingWords(group.field, group.key, shown.names)
  if (group.groups.length > 0)
    return (
      <>
        <h2 className="paper-heading">
          <span>{title}</span>
          <span className="paper-sum">{sumWords(group)}</span>
        </h2>
        {group.groups.map((each) => (
          <GroupOnPaper key={each.key} {...shown} group={each} inner />
        ))}
      </>
    )
  return parts ? (
    <parts.PaperRows title={title} end={sumWords(group)} actions={group.actions} inner={inner} tell={tell} />
  ) : null
}

function DaysOnPaper(shown: LensShown) {
  const { lenses, list, day } = shown
  const parts = use(LensTools)
  const tell = useTelling(shown)
  useHeldDocument()
  const { done, days } = lenses.byDays(everythingIn(list), {
    today: day.today,
    ahead: 0,
    dayAt: (epochMs) => localMomentAt(epochMs, day.zone).date,
  })
  if (!parts) return null
  const rows = (of: (typeof days)[number], isDone: boolean) => (
    <parts.PaperRows
      key={`${isDone} ${of.date}`}
      title={dayTitle(of.date, isDone, day.today)}
      end={String(of.actions.length)}
      actions={of.actions}
      tell={tell}
    />
  )
  return (
    <>
      {days.map((of) => rows(of, false))}
      {done.map((of) => rows(of, true))}
    </>
  )
}
