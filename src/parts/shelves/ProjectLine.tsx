// A project as one line, where many are surveyed: its title, what comes next, its promise.
import { memo } from 'react'
import type { Project } from '@/core/record'
import { lists } from '@/state'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useHeld, useToday } from '@/held/zen'
import { Seal, Unseen } from '@/ui'
import { shortDate } from '@/words'
import { nextWords } from './nextWords'

export const ProjectLine = memo(function ProjectLine({ project }: { readonly project: Project }) {
  const today = useToday()
  const { opened, open } = useSurroundings()
  // As text, so that it is the same as long as it says the same.
  const said = useHeld(({ document }) => {
    const next = nextWords(project, lists.nextActionOf(document, project.id, today), document, today)
    return `${next.tone} ${next.words}`
  })
  const [tone, words] = [said.slice(0, said.indexOf(' ')), said.slice(said.indexOf(' ') + 1)]
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
})
