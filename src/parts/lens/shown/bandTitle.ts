import type { BandList, LensShown } from './lensProps'

/** What a band is headed: its own words, or what it says. */
export function bandTitle(
  band: BandList['band'],
  { lens, names, lenses }: Pick<LensShown, 'lens' | 'names' | 'lenses'>,
): string {
  if (band === 'done') return 'Done'
  if (band === null) return 'Everything else'
  const of = lens.bands[band]
  if (!of) return ''
  if (of.name !== '') return of.name
  const said = lenses.conditionWords(of.where, names)
  return said.charAt(0).toUpperCase() + said.slice(1)
}
