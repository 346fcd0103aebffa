// What a lens lists, as it is shown.
import { useHeldDocument } from '@/held/zen'
import { LensColumns } from '../columns/LensColumns'
import { LensDays } from '../days/LensDays'
import { LensRows } from '../LensRows'
import { LensTable } from '../table/LensTable'
import type { LensShown } from './lensProps'

export function ShownLens(shown: LensShown) {
  const document = useHeldDocument()
  const { look, lenses, list, lens, day } = shown
  switch (look.view) {
    case 'list':
      return <LensRows {...shown} />
    case 'columns':
      return <LensColumns {...shown} columns={lenses.columnsOf(document, list, lens, day)} />
    case 'table':
      return <LensTable {...shown} />
    case 'byDate':
      return <LensDays {...shown} />
  }
}
