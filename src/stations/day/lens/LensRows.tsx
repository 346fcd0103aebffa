// What a lens lists, gathered under its headings. A short list is laid out whole, each band a region; a long one as one list
// of headings and rows that is drawn only where it is looked at.
import { useId, useMemo } from 'react'
import { View } from '@tamagui/core'
import type { Lens, LensNames } from '@/core/lens'
import type { Action } from '@/core/record'
import type { Later } from '@/state'
import { BandHeading, Column, Row, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { RowList } from '@/parts/rows/RowList'
import { headingWords, sumWords } from '@/words/lens'

type LensList = ReturnType<Later['lenses']['lensListOf']>
type BandList = LensList['bands'][number]
type Group = BandList['groups'][number]

interface Laid {
  readonly lens: Lens
  readonly names: LensNames
  readonly lenses: Later['lenses']
}

/** What a band is headed: its own words, or what it says. */
export function bandTitle({ band }: BandList, { lens, names, lenses }: Laid): string {
  if (band === 'done') return 'Done'
  if (band === null) return 'The rest'
  const of = lens.bands[band]
  if (!of) return ''
  if (of.name !== '') return of.name
  const said = lenses.conditionWords(of.where, names)
  return said.charAt(0).toUpperCase() + said.slice(1)
}

const actionsIn = (group: Group): readonly Action[] =>
  group.groups.length > 0 ? group.groups.flatMap(actionsIn) : group.actions

const isTitled = (list: LensList, lens: Lens): boolean =>
  lens.bands.length > 0 || list.bands[0]?.band === 'done' || list.bands.length > 1

const GroupHead = ({ group, names, inner }: { group: Group; names: LensNames; inner: boolean }) =>
  group.field === null ? null : (
    <Row gap="$2.5" alignItems="baseline" paddingTop={inner ? '$2.5' : '$3.5'} paddingBottom="$1.5">
      <Words render={inner ? 'h4' : 'h3'} size={inner ? 'body' : 'title'} strong={inner}>
        {headingWords(group.field, group.key, names)}
      </Words>
      <Words size="second" tone="inkSoft">
        {sumWords(group)}
      </Words>
    </Row>
  )

/** So many rows are laid out whole. */
const wholeUpTo = 120

export function LensRows({ list, ...laid }: { list: LensList } & Laid) {
  const everything = useMemo(() => list.bands.flatMap(({ groups }) => groups.flatMap(actionsIn)), [list])
  const box = useBandBox(everything)
  return (
    <InBand.Provider value={box}>
      {list.count > wholeUpTo ? <LongRows list={list} {...laid} /> : <WholeRows list={list} {...laid} />}
    </InBand.Provider>
  )
}

function WholeRows({ list, ...laid }: { list: LensList } & Laid) {
  const titled = isTitled(list, laid.lens)
  return (
    <Column>
      {list.bands.map((band) => (
        <BandSection key={String(band.band)} band={band} titled={titled} {...laid} />
      ))}
    </Column>
  )
}

function BandSection({ band, titled, ...laid }: { band: BandList; titled: boolean } & Laid) {
  const id = useId()
  const title = bandTitle(band, laid)
  const rows = band.groups.map((group) => <GroupRows key={group.key} group={group} label={title} {...laid} />)
  if (!titled) return <>{rows}</>
  return (
    <View render="section" aria-labelledby={id}>
      <BandHeading
        id={id}
        title={title}
        end={sumWords(band)}
        tone={band.band === 'done' ? 'moss' : 'inkSoft'}
      >
        <ChooseAll title={title} of={band.groups.flatMap(actionsIn)} />
      </BandHeading>
      {rows}
    </View>
  )
}

function GroupRows({
  group,
  label,
  inner = false,
  ...laid
}: { group: Group; label: string; inner?: boolean } & Laid) {
  const heading = group.field === null ? label : headingWords(group.field, group.key, laid.names)
  return (
    <View>
      <GroupHead group={group} names={laid.names} inner={inner} />
      {group.groups.map((each) => (
        <GroupRows key={each.key} group={each} label={heading} inner {...laid} />
      ))}
      {group.actions.length > 0 ? (
        <RowList
          items={group.actions}
          label={heading}
          render={(action) => <LensRow action={action} {...laid} />}
        />
      ) : null}
    </View>
  )
}

const LensRow = ({ action, lens }: { action: Action } & Laid) => (
  <ActionRow
    action={action}
    showDay
    showProject={!lens.groups.includes('project')}
    showArea={!lens.groups.includes('area')}
  />
)

type Line =
  | { readonly id: string; readonly kind: 'band'; readonly band: BandList }
  | { readonly id: string; readonly kind: 'head'; readonly group: Group; readonly inner: boolean }
  | { readonly id: string; readonly kind: 'row'; readonly action: Action }

function linesOf(groups: readonly Group[], under: string, inner: boolean): Line[] {
  return groups.flatMap((group): Line[] => {
    const id = `${under}|${group.key}`
    const head: Line[] = group.field === null ? [] : [{ id, kind: 'head', group, inner }]
    return [
      ...head,
      ...linesOf(group.groups, id, true),
      ...group.actions.map((action): Line => ({ id: action.id, kind: 'row', action })),
    ]
  })
}

function LongRows({ list, ...laid }: { list: LensList } & Laid) {
  const titled = isTitled(list, laid.lens)
  const lines = useMemo(
    () =>
      list.bands.flatMap((band): Line[] => [
        ...(titled ? [{ id: `band ${band.band}`, kind: 'band', band } as const] : []),
        ...linesOf(band.groups, `band ${band.band}`, false),
      ]),
    [list, titled],
  )
  return (
    <RowList
      items={lines}
      label="What this lens lists"
      render={(line) => {
        if (line.kind === 'row') return <LensRow action={line.action} {...laid} />
        return (
          <View role="listitem">
            {line.kind === 'band' ? (
              <BandHeading title={bandTitle(line.band, laid)} end={sumWords(line.band)}>
                <ChooseAll title={bandTitle(line.band, laid)} of={line.band.groups.flatMap(actionsIn)} />
              </BandHeading>
            ) : (
              <GroupHead group={line.group} names={laid.names} inner={line.inner} />
            )}
          </View>
        )
      }}
    />
  )
}
