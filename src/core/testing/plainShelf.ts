import { blankOf, type Area, type Group, type Project } from '../record'

/** A group, an area and a project with nothing set, to be spread into those a test is about. */
export const plainGroup: Group = {
  ...blankOf('group'),
  id: 'group:plain',
  name: 'Practice',
  side: 'work',
  rank: 'a0',
}

export const plainArea: Area = {
  ...blankOf('area'),
  id: 'area:plain',
  name: 'Office',
  letters: 'Of',
  ink: 1,
  rank: 'a0',
}

export const plainProject: Project = {
  ...blankOf('project'),
  id: 'project:plain',
  title: 'plain',
  rank: 'a1',
  createdAtEpochMs: 1,
}
