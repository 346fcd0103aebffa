// What is done of a list: at the end and folded, among the rest, or left out. It loads where something is done.
import { lazy, Suspense } from 'react'
import type { DoneBandProps } from './DoneRows'

const DoneRows = lazy(() => import('./DoneRows'))

export const DoneBand = (props: DoneBandProps) =>
  props.actions.length === 0 ? null : (
    <Suspense fallback={null}>
      <DoneRows {...props} />
    </Suspense>
  )
