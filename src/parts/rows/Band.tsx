// One part of a list: a heading with its count and sum, and its rows.
import { useId, type ReactNode } from 'react'
import { View } from '@tamagui/core'
import { minutesOf } from '@/core/day'
import type { Action } from '@/core/record'
import { BandHeading, type Tone } from '@/ui'
import { ActionRow, type QuickAct } from './ActionRow'
import { ChooseAll } from './ChooseAll'
import { InBand, useBandBox } from './inBand'
import { RowList } from './RowList'
import { duration } from '@/words'

interface BandProps {
  readonly title: string
  readonly actions: readonly Action[]
  readonly tone?: Tone
  /** What it stands in has its heading. */
  readonly bare?: boolean
  /** Said before the sum; by default the count. */
  readonly counted?: string
  /** Left out where only some of them are here to be summed. */
  readonly summed?: boolean
  readonly showProject?: boolean
  readonly showDay?: boolean
  /** How many rows to show; the rest is behind `more`. */
  readonly atMost?: number
  readonly more?: ReactNode
  readonly quick?: QuickAct
  /** What stands in it instead of the actions one by one, and how that is drawn. */
  readonly rows?: readonly { readonly id: string }[]
  readonly render?: (row: { readonly id: string }) => ReactNode
}

export function Band({
  title,
  actions,
  tone,
  bare = false,
  counted,
  summed = true,
  showProject,
  showDay,
  atMost,
  more,
  quick,
  rows = actions,
  render,
}: BandProps) {
  const id = useId()
  const box = useBandBox(() => actions)
  const minutes = summed ? minutesOf(actions) : 0
  const end = [counted ?? String(actions.length), minutes > 0 ? duration(minutes) : null]
    .filter(Boolean)
    .join(' · ')
  return (
    <View render={bare ? 'div' : 'section'} aria-labelledby={bare ? undefined : id}>
      {bare ? null : (
        <BandHeading id={id} title={title} end={end} tone={tone}>
          <ChooseAll title={title} of={actions} />
        </BandHeading>
      )}
      <InBand.Provider value={box}>
        <RowList
          items={atMost ? rows.slice(0, atMost) : rows}
          label={title}
          render={
            render ??
            ((action) => (
              <ActionRow
                action={action as Action}
                showProject={showProject}
                showDay={showDay}
                quick={quick}
              />
            ))
          }
        />
      </InBand.Provider>
      {more}
    </View>
  )
}
