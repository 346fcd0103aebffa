import { Words } from '@/ui'
import { DayChooser } from '../choosers/DayChooser'
import { FitsFrom } from '../fit/lazyFit'
import type { FacetChooser, FacetChooserProps } from './facetChooser'

const unsaid = 'Does somebody expect it by then? If not, a horizon fits better than a due date.'

/** What is chosen from may be no action yet. */
type Of = FacetChooserProps['of'] & { readonly id?: string }

const Note = ({ of: { id, minutes, due: promised } }: { of: Of }) => (
  <>
    {promised ? null : (
      <Words size="second" tone="inkSoft">
        {unsaid}
      </Words>
    )}
    <FitsFrom id={id ?? 'action:new'} minutes={minutes} />
  </>
)

export const due: FacetChooser = ({ of, onSet, ...shared }) => (
  <DayChooser
    {...shared}
    date={of.due?.date ?? null}
    time={of.due?.time ?? null}
    none="no day"
    note={<Note of={of} />}
    onChoose={(date, time) => onSet({ due: date && { date, time } })}
  />
)
