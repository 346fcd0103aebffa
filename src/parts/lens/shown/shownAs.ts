import type { GroupField, Lens, LensView } from '@/core/lens'

/**
 * What is asked for where a lens is shown as that: columns stand in place of its headings, days in place of its bands
 * too.
 */
export function shownAs(lens: Lens, view: LensView, columnsBy: GroupField): Lens {
  if (view === 'columns') return { ...lens, groups: [columnsBy] }
  return view === 'byDate' ? { ...lens, bands: [], groups: [] } : lens
}
