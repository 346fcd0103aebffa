// Rows on paper: a box to tick, the title, its details; whole, however many they are.
import { isOpen } from '@/core/action'
import type { Action } from '@/core/record'
import { owned } from '@/state'
import { useHeldDocument, useToday } from '@/held/zen'
import { actionDetails } from '@/words'

export interface PaperRowsProps {
  readonly title: string
  readonly end: string
  readonly actions: readonly Action[]
  /** Smaller, under another. */
  readonly inner?: boolean
  /** What is told of an action; by default what a row tells. */
  readonly tell?: ((action: Action) => string) | undefined
}

export function PaperRows({ title, end, actions, inner = false, tell }: PaperRowsProps) {
  const document = useHeldDocument()
  const today = useToday()
  const Heading = inner ? 'h3' : 'h2'
  const usual = (action: Action) =>
    actionDetails(action, document, today, {
      project: true,
      day: true,
      steps: owned.stepCountOf(document, action.id),
    })
  return (
    <section className="paper-band">
      {title === '' ? null : (
        <Heading className="paper-heading">
          <span>{title}</span>
          <span className="paper-sum">{end}</span>
        </Heading>
      )}
      <ul>
        {actions.map((action) => (
          <li key={action.id} className="paper-row">
            <span className={isOpen(action) ? 'paper-box' : 'paper-box done'} />
            <span className="paper-told">
              <span className={`paper-title ${action.weight}`}>{action.title}</span>
              <span className="paper-details">{(tell ?? usual)(action)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
