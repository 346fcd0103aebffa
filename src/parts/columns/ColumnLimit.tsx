import { useState } from 'react'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'

/** How many stand there, of how many at most; pressed to set that. */
export function ColumnLimit({
  title,
  count,
  limit,
  onSet,
}: {
  readonly title: string
  readonly count: number
  readonly limit: number | null
  readonly onSet: (limit: number | null) => void
}) {
  const [isOpen, setOpen] = useState(false)
  const isOver = limit !== null && count > limit
  const said = limit === null ? count.toLocaleString('en-GB') : `${count} of ${limit}`
  return (
    <>
      <button
        type="button"
        className={isOver ? 'lens-limit over' : 'lens-limit'}
        aria-haspopup="dialog"
        aria-label={`${title}: ${said}${isOver ? ', too many' : ''}. How many at most`}
        onClick={() => setOpen(true)}
      >
        {isOver ? `${said}, too many` : said}
      </button>
      {isOpen ? (
        <OpenedLookChooser
          target={{ kind: 'limit', title: `At most in ${title}`, limit, onChoose: onSet }}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </>
  )
}
