// Version 8: projects that go through the stages of their area, rest until a day, and say so that what; areas that are
// looked through; seals of groups and projects; stages and passages are new kinds.
import { withNewFields } from './newFields'

export const { entry: entryToVersion8, change: changeToVersion8 } = withNewFields({
  group: { stamp: '', ink: 0 },
  context: { parentId: null, hours: null, retiredAtEpochMs: null },
  area: { lookedOn: null, everyWeeks: null },
  project: {
    stamp: '',
    ink: 0,
    soThat: '',
    notUntil: null,
    stageId: null,
    ending: null,
    endReason: '',
    makes: null,
  },
})
