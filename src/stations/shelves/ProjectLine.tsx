// A project as one line, where many are surveyed: its title, what comes next, its promise.
import type { Project } from '@/core/record'
import { lists } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument, useToday } from '@/held/zen'
import { Seal, Unseen } from '@/ui'
import { shortDate } from '@/words'
import { nextWords } from './nextWords'

export function ProjectLine({ project }: { readonly project: Project }) {
  const document = useHeldDocument()
  const today = useToday()
  const { opened, open } = useOpened()
  const { words, tone } = nextWords(project, lists.nextActionOf(document, project.id, today), document, today)
  return (
    <li
      className={opened === project.id ? 'shelf-card shelf-line chosen' : 'shelf-card shelf-line'}
      data-of={project.id}
    >
      <button type="button" className="shelf-line-open" data-row onClick={() => open(project.id)}>
        {project.stamp ? <Seal stamp={project.stamp} ink={project.ink} size={20} /> : null}
        <span className="shelf-line-title">
          <Unseen>Open </Unseen>
          {project.title}
        </span>
        <span className={`shelf-line-next ${tone}`}>{words}</span>
        {project.due ? (
          <span className={project.due < today ? 'shelf-line-due clay' : 'shelf-line-due'}>
            {shortDate(project.due, today)}
          </span>
        ) : null}
      </button>
    </li>
  )
}
