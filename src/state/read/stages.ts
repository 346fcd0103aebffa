// Stages as they are read: when a project came to stand in each, and how the projects of an area pass through them.
import { howTheyPass, type WayFigures } from '@/core/stage'
import type { Document } from '@/core/journal'
import type { Id, Passage, Project } from '@/core/record'
import { projectsOf, stageOwnerOf, stagesOf, type StageOwnerId } from './selectors'
import { makeTableIndex } from './tableIndex'

const byTime = (a: Passage, b: Passage) => a.enteredAtEpochMs - b.enteredAtEpochMs || (a.id < b.id ? -1 : 1)
const passages = makeTableIndex('passage', {
  keysOf: ({ projectId }) => [projectId],
  compare: byTime,
})

/** When a project came to stand in each of its stages, the earliest first. */
export const passagesOf = (document: Document, id: Id<'project'>): readonly Passage[] =>
  passages.of(document, id)

/** Every project of an area, or part of a project, those that rest or are over too. */
const everyProjectOf = (document: Document, ownerId: StageOwnerId): readonly Project[] =>
  projectsOf(document).filter((project) => stageOwnerOf(project) === ownerId)

/** How the projects of an area, or the parts of a project, pass through its stages. */
export const wayOf = (document: Document, ownerId: StageOwnerId, zone: string): WayFigures =>
  howTheyPass({
    stages: stagesOf(document, ownerId),
    projects: everyProjectOf(document, ownerId),
    passagesOf: (id) => passagesOf(document, id),
    zone,
  })
