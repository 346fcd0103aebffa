// What can have something of its own, by its kinds.

/** What has a note that is written in. */
export const noteOwners = ['action', 'project', 'person', 'reference', 'reading', 'note'] as const

/** What steps, files and remarks can belong to. */
export const owners = [
  'slip',
  'action',
  'project',
  'reference',
  'reading',
  'person',
  'checklist',
  'note',
  'goal',
] as const
