// What a lens lists, gathered under its headings. A short list is laid out whole, each band a region; a long one as
// one list of headings and rows that is drawn only where it is looked at.
import { useId, useMemo } from 'react'
import { View } from '@tamagui/core'
import type { LensNames } from '@/core/lens'
import { BandHeading, Column } from '@/ui'
import { Carrying, DropPlace, InPlace } from './shown/carry'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { DrawnLines } from '@/parts/rows/DrawnLines'
import { RowList, usualRowHeight } from '@/parts/rows/RowList'
import { headingWords, sumWords } from '@/words/lens'
import { bandTitle } from './shown/bandTitle'
import { LensRow } from './shown/LensRow'
import { isTitled, type BandList, type Group, type LensShown } from './shown/lensProps'
import { actionsIn, bandPlace, everythingIn, linesOf, placeIn, placesOf } from './shown/linesOf'
import { useLensLaying } from './shown/useLensLaying'
import { useRemembered } from './shown/useRemembered'

// Plain elements: a long list is made of them.
const GroupHead = ({ group, names, inner }: { group: Group; names: LensNames; inner: boolean }) => {
  if (group.field === null) return null
  const Heading = inner ? 'h4' : 'h3'
  return (
    <div className={inner ? 'lens-head inner' : 'lens-head'}>
      <Heading>{headingWords(group.field, group.key, names)}</Heading>
      <span>{sumWords(group)}</span>
    </div>
  )
}

/** So many rows are laid out whole. */
const wholeUpTo = 120

export function LensRows(shown: LensShown) {
  const { id, list } = shown
  const places = useMemo(() => placesOf(list), [list])
  const box = useBandBox(() => everythingIn(list))
  const { lay, asked } = useLensLaying(shown, places)
  useRemembered(`${id} list`, null)
  return (
    <InBand.Provider value={box}>
      <Carrying lay={lay}>
        {list.count > wholeUpTo ? <LongRows {...shown} /> : <WholeRows {...shown} />}
      </Carrying>
      {asked}
    </InBand.Provider>
  )
}

function WholeRows(shown: LensShown) {
  return (
    <Column>
      {shown.list.bands.map((band) => (
        <BandSection key={String(band.band)} band={band} {...shown} />
      ))}
    </Column>
  )
}

function BandSection({ band, ...shown }: LensShown & { readonly band: BandList }) {
  const id = useId()
  const title = bandTitle(band.band, shown)
  const rows = band.groups.map((group) => (
    <GroupRows key={group.key} group={group} label={title} outer={bandPlace(band)} {...shown} />
  ))
  if (!isTitled(shown)) return <>{rows}</>
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

interface GroupRowsProps extends LensShown {
  readonly group: Group
  readonly label: string
  readonly outer: string
  readonly inner?: boolean
}

function GroupRows({ group, label, outer, inner = false, ...shown }: GroupRowsProps) {
  const heading = group.field === null ? label : headingWords(group.field, group.key, shown.names)
  const place = placeIn(outer, group)
  const head = <GroupHead group={group} names={shown.names} inner={inner} />
  if (group.groups.length > 0)
    return (
      <View>
        {head}
        {group.groups.map((each) => (
          <GroupRows key={each.key} group={each} label={heading} outer={place} inner {...shown} />
        ))}
      </View>
    )
  return (
    <DropPlace place={{ kind: 'in', in: place }}>
      {head}
      <RowList
        items={group.actions}
        label={heading}
        render={(action) => <LensRow action={action} {...shown} />}
      />
    </DropPlace>
  )
}

/** In px. */
const heights = { band: 48, head: 47, row: usualRowHeight }

function LongRows(shown: LensShown) {
  const titled = isTitled(shown)
  const { list, names } = shown
  const lines = useMemo(() => linesOf(list, titled, heights), [list, titled])
  return (
    <DrawnLines
      role="list"
      label="What this lens lists"
      lines={lines}
      draw={(line) => {
        if (line.kind === 'band')
          return (
            <View role="listitem">
              <BandHeading title={bandTitle(line.band.band, shown)} end={sumWords(line.band)}>
                <ChooseAll
                  title={bandTitle(line.band.band, shown)}
                  of={line.band.groups.flatMap(actionsIn)}
                />
              </BandHeading>
            </View>
          )
        return line.kind === 'row' ? (
          <InPlace name={line.in}>
            <LensRow action={line.action} {...shown} />
          </InPlace>
        ) : (
          <DropPlace place={{ kind: 'in', in: line.in }}>
            <div role="listitem">
              <GroupHead group={line.group} names={names} inner={line.inner} />
            </div>
          </DropPlace>
        )
      }}
    />
  )
}
