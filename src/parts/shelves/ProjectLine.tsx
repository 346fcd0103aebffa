// A project as one line, where many are surveyed: its title, what comes next, its promise; and under it its parts, in
// any depth, folded to their number until they are asked for.
import { memo } from 'react'
import type { Project } from '@/core/record'
import { lists, select } from '@/state'
import { partsOfProject } from '@/state/read/projectParts'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useRemembered } from '@/held/useRemembered'
import { useHeld, useToday } from '@/held/zen'
import { Icon, Seal, Unseen } from '@/ui'
import { count, shortDate } from '@/words'
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
        {project.letters ? <Seal letters={project.letters} ink={project.ink} size={20} /> : null}
        <span className="shelf-line-title">{project.title}</span>
        <span className={`shelf-line-next ${tone}`}>{words}</span>
        {project.due ? (
          <span className={project.due < today ? 'shelf-line-due clay' : 'shelf-line-due'}>
            {shortDate(project.due, today)}
          </span>
        ) : null}
      </button>
      <PartsFold project={project} />
    </li>
  )
})

export function PartsFold({ project }: { readonly project: Project }) {
  const all = useHeld(({ document }) => partsOfProject(document, project.id))
  const parts = all.filter(({ state }) => select.isHeld(state))
  return parts.length === 0 ? null : <Folded project={project} parts={parts} />
}

function Folded({ project, parts }: { readonly project: Project; readonly parts: readonly Project[] }) {
  const { id, title } = project
  const [isOpen, unfold] = useRemembered(`parts:${id}`)
  return (
    <>
      <button type="button" className="parts-fold" aria-expanded={isOpen} onClick={() => unfold(!isOpen)}>
        <Icon name={isOpen ? 'up' : 'down'} size={16} tone="inkSoft" />
        {count(parts.length, 'part')}
        <Unseen>{` of ${title}`}</Unseen>
      </button>
      {isOpen ? (
        <DropPlace place={{ kind: 'in', in: id }} className="parts-under">
          <ul aria-label={`Parts under ${title}`}>
            {parts.map((part) => (
              <ProjectLine key={part.id} project={part} />
            ))}
          </ul>
        </DropPlace>
      ) : null}
    </>
  )
}
