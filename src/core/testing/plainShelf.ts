import type { Area, Group, Project } from '../record'

/** A group, an area and a project with nothing set, to be spread into those a test is about. */
export const plainGroup: Group = {
  id: 'group:plain',
  name: 'Practice',
  side: 'work',
  stamp: '',
  ink: 0,
  rank: 'a0',
  closedAtEpochMs: null,
}

export const plainArea: Area = {
  id: 'area:plain',
  groupId: null,
  name: 'Office',
  stamp: 'Of',
  ink: 1,
  goalIds: [],
  lookedOn: null,
  everyWeeks: null,
  rank: 'a0',
  closedAtEpochMs: null,
}

export const plainProject: Project = {
  id: 'project:plain',
  areaId: null,
  parentId: null,
  stamp: '',
  ink: 0,
  title: 'plain',
  outcome: '',
  soThat: '',
  note: '',
  begins: null,
  due: null,
  inOrder: false,
  afterIds: [],
  personIds: [],
  goalIds: [],
  state: 'open',
  notUntil: null,
  stageId: null,
  ending: null,
  endReason: '',
  makes: null,
  rank: 'a1',
  createdAtEpochMs: 1,
  closedAtEpochMs: null,
}
