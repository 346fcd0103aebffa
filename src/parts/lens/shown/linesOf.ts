// A lens's list as lines one below the other: bands, headings in them, rows; and the places its rows stand in.
import weakMemoize from '@emotion/weak-memoize'
import type { GroupField } from '@/core/lens'
import type { Action } from '@/core/record'
import { lineForEach, linesOfPieces, oneLine, type Lines } from '@/parts/rows/lines'
import type { BandList, Group, LensList } from './lensProps'
import type { LensPlace } from './useLensLaying'

export type Line =
  | { readonly id: string; readonly kind: 'band'; readonly band: BandList }
  | {
      readonly id: string
      readonly kind: 'head'
      readonly group: Group
      readonly inner: boolean
      readonly in: string
    }
  | { readonly id: string; readonly kind: 'row'; readonly action: Action; readonly in: string }

export const actionsIn = (group: Group): readonly Action[] =>
  group.groups.length > 0 ? group.groups.flatMap(actionsIn) : group.actions

/** Made once for as long as a list is the same: a lens that is opened again has it. */
export const everythingIn = weakMemoize((list: LensList): readonly Action[] =>
  list.bands.flatMap(({ groups }) => groups.flatMap(actionsIn)),
)

/** The name of the place that a heading opens, in the one it stands in. */
export const placeIn = (outer: string, { key }: Group): string => `${outer}|${key}`
export const bandPlace = ({ band }: BandList): string => `band ${band}`

/** How high lines are, in px, before they are measured. */
export type LineHeights = Readonly<Record<Line['kind'], number>>
type Pieces = Parameters<typeof linesOfPieces<Line>>[0]

function piecesIn(groups: readonly Group[], outer: string, heights: LineHeights, isInner = false): Pieces {
  return groups.flatMap((group): Pieces => {
    const place = placeIn(outer, group)
    const head: Line = { id: place, kind: 'head', group, inner: isInner, in: place }
    return [
      ...(group.field === null ? [] : [oneLine(head, heights.head)]),
      ...piecesIn(group.groups, place, heights, true),
      lineForEach(group.actions, heights.row, (action): Line => ({
        id: action.id,
        kind: 'row',
        action,
        in: place,
      })),
    ]
  })
}

export const linesOf = (list: LensList, isTitled: boolean, heights: LineHeights): Lines<Line> =>
  linesOfPieces(
    list.bands.flatMap((band): Pieces => [
      ...(isTitled ? [oneLine<Line>({ id: bandPlace(band), kind: 'band', band }, heights.band)] : []),
      ...piecesIn(band.groups, bandPlace(band), heights),
    ]),
  )

/** Every heading that holds rows itself, with what something laid under it takes. */
export const placesOf = weakMemoize((list: LensList): readonly LensPlace[] => {
  const within = (
    band: BandList['band'],
    groups: readonly Group[],
    outer: string,
    above: LensPlace['under'],
  ): LensPlace[] =>
    groups.flatMap((group): LensPlace[] => {
      const under: LensPlace['under'] =
        group.field === null ? above : [...above, [group.field as GroupField, group.key] as const]
      const place = placeIn(outer, group)
      return group.groups.length > 0
        ? within(band, group.groups, place, under)
        : [{ in: place, band, under, actions: group.actions }]
    })
  return list.bands.flatMap((band) => within(band.band, band.groups, bandPlace(band), []))
})
