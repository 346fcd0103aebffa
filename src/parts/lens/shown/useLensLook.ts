// How a lens is shown: as what, which this device remembers for itself; and its columns, details and limits, which
// are kept with the lens at once, each as one act. A lens that is not kept yet holds them on its page.
import { useMemo, useState } from 'react'
import { lensViews, type DetailField, type LensView } from '@/core/lens/lens'
import type { LensRecord } from '@/core/record'
import type { OnDemand } from '@/state'
import { useKept } from '@/held/useKept'
import { useAct } from '@/held/zen'

export type Look = Pick<LensRecord, 'columnsBy' | 'limits' | 'columns' | 'shows'>

export interface LensLook extends Look {
  readonly view: LensView
  /** The details of a row, in their order; none is the usual ones. */
  readonly details: readonly DetailField[]
  readonly setView: (view: LensView) => void
  readonly change: (patch: Partial<Look>, said: string) => void
}

const isView = (view: string | null): view is LensView =>
  (lensViews as readonly (string | null)[]).includes(view)

export function useLensLook(id: string, record: LensRecord | null, lenses: OnDemand['lenses']): LensLook {
  const act = useAct()
  const [unkept, setUnkept] = useState<Look>(() => ({
    ...lenses.plainFace,
    limits: {},
    columns: {},
    shows: {},
  }))
  const [chosen, setView] = useKept(`lens-view:${id}`)
  const { columnsBy, limits, columns, shows } = record ?? unkept
  return {
    view: isView(chosen) ? chosen : (record?.view ?? 'list'),
    columnsBy,
    limits,
    columns,
    shows,
    details: useMemo(() => lenses.detailsIn(shows), [lenses, shows]),
    setView,
    change: (patch, said) => {
      if (record) act('editLens', { id: record.id, patch }, { say: said })
      else setUnkept((before) => ({ ...before, ...patch }))
    },
  }
}
