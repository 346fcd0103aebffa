// A project as a card on its shelf: what will be true, how much of it is done, what comes next. There may be hundreds
// of them: each reads no more than it draws, and is drawn as plain elements.
import { memo } from 'react'
import type { Id, Project } from '@/core/record'
import { lists } from '@/state'
import { nextWords } from '@/parts/shelves/nextWords'
import { PartsFold } from '@/parts/shelves/lazyParts'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useHeld, useToday } from '@/held/zen'
import { Icon, Seal, type Tone } from '@/ui'
import { shortDate } from '@/words'
import { RankButtons } from './RankButtons'

interface ProjectCardProps {
  readonly project: Project
  /** Those it stands among, where they are being arranged. */
  readonly siblings: readonly Id<'project'>[] | null
}

export const ProjectCard = memo(function ProjectCard({ project, siblings }: ProjectCardProps) {
  const { open, opened } = useSurroundings()
  const { id, title, outcome, letters, ink } = project
  const share = useHeld(({ document }) => lists.shareDoneOf(document, id))
  return (
    <li className={opened === id ? 'shelf-card project-card chosen' : 'shelf-card project-card'} data-of={id}>
      {share > 0 ? <span className="project-share" aria-hidden style={{ width: `${share * 100}%` }} /> : null}
      <button type="button" className="project-open" data-row onClick={() => open(id)}>
        <span className="project-head">
          {letters ? <Seal letters={letters} ink={ink} size={24} /> : null}
          <span className="project-title">{title}</span>
        </span>
        {outcome ? <span className="project-outcome">{outcome}</span> : null}
        <NextLine project={project} />
      </button>
      <PartsFold project={project} />
      {siblings ? (
        <span className="project-arrange">
          <RankButtons id={id} name={title} siblings={siblings} />
        </span>
      ) : null}
    </li>
  )
})

function NextLine({ project }: { readonly project: Project }) {
  const today = useToday()
  const { due, state } = project
  const hasNext = useHeld(({ document }) => lists.nextActionOf(document, project.id, today) !== undefined)
  // As text, so that it is the same as long as it says the same.
  const said = useHeld(({ document }) => {
    const next = nextWords(project, lists.nextActionOf(document, project.id, today), document, today)
    return `${next.tone} ${next.words}`
  })
  const tone = said.slice(0, said.indexOf(' ')) as Tone
  return (
    <span className="project-next">
      {state === 'open' && hasNext ? (
        <Icon name="next" size={16} tone={tone === 'slate' ? 'slate' : 'brass'} />
      ) : null}
      <span className={`project-next-words ${tone}`}>{said.slice(said.indexOf(' ') + 1)}</span>
      {due ? (
        <span className={due < today ? 'project-due clay' : 'project-due'}>{shortDate(due, today)}</span>
      ) : null}
    </span>
  )
}
