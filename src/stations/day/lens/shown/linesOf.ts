// A lens's list as lines one below the other: bands, headings in them, rows; and the places its rows stand in.
import type { GroupField } from '@/core/lens'
import type { Action } from '@/core/record'
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

/** Made once for as long as a list stands: a lens that is opened again has it. */
function perList<T>(make: (list: LensList) => T): (list: LensList) => T {
  const made = new WeakMap<LensList, T>()
  return (list) => {
    const known = made.get(list)
    if (known !== undefined) return known
    const fresh = make(list)
    made.set(list, fresh)
    return fresh
  }
}

export const everythingIn = perList((list): readonly Action[] =>
  list.bands.flatMap(({ groups }) => groups.flatMap(actionsIn)),
)

/** The name of the place that a heading opens, in the one it stands in. */
export const placeIn = (outer: string, { key }: Group): string => `${outer}|${key}`
export const bandPlace = ({ band }: BandList): string => `band ${band}`

function linesIn(groups: readonly Group[], outer: string, isInner: boolean): Line[] {
  return groups.flatMap((group): Line[] => {
    const place = placeIn(outer, group)
    const head: Line[] =
      group.field === null ? [] : [{ id: place, kind: 'head', group, inner: isInner, in: place }]
    return [
      ...head,
      ...linesIn(group.groups, place, true),
      ...group.actions.map((action): Line => ({ id: action.id, kind: 'row', action, in: place })),
    ]
  })
}

const linesWith = (isTitled: boolean) =>
  perList((list): readonly Line[] =>
    list.bands.flatMap((band): Line[] => [
      ...(isTitled ? [{ id: bandPlace(band), kind: 'band', band } as const] : []),
      ...linesIn(band.groups, bandPlace(band), false),
    ]),
  )
const [titledLines, plainLines] = [linesWith(true), linesWith(false)]

export const linesOf = (list: LensList, isTitled: boolean): readonly Line[] =>
  isTitled ? titledLines(list) : plainLines(list)

/** Every heading that holds rows itself, with what something laid under it takes. */
export const placesOf = perList((list): readonly LensPlace[] => {
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
