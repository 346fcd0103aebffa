import type { Project } from '@/core/record'
import { lists, select } from '@/state'
import { useOfSide } from '@/held/side'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'

/** The projects being worked on, and those of them without a next action. */
export function useStandingProjects(): { atWork: readonly Project[]; standing: readonly Project[] } {
  const today = useToday()
  const projects = useHeld((state) => select.projectsOf(state.document))
  const document = useHeldDocument()
  const atWork = useOfSide()(projects).filter((project) => select.isAtWork(document, project))
  return { atWork, standing: atWork.filter(({ id }) => !lists.nextActionOf(document, id, today)) }
}
