// Three templates of the made-up practice: a site visit with dates back from its day, a quarter's accounts, a
// checklist before a talk.
import { recordsIn } from '@/core/journal'
import { readShift } from '@/core/template'
import type { BlankKind, CountedField, Id, Making } from '@/core/record'
import { addDays, type CalendarDate, type ClockTime } from '@/core/time'
import type { Play } from './play'

interface DemoTemplate {
  readonly title: string
  readonly makes: Making
  readonly outcome?: string
  readonly inOrder?: boolean
  readonly blanks: readonly (readonly [name: string, kind: BlankKind])[]
  readonly actions: readonly {
    /** A plain sentence; its dates are counted. */
    readonly said: string
    readonly on?: readonly [field: CountedField, shift: string, time?: string]
    readonly steps?: readonly string[]
  }[]
  readonly lines?: readonly string[]
}

const templates: readonly DemoTemplate[] = [
  {
    title: 'Site visit at ‹Place›',
    makes: 'project',
    outcome: '‹Place› is measured, and the people there know what comes next',
    blanks: [
      ['Place', 'place'],
      ['Day', 'date'],
    ],
    actions: [
      {
        said: 'Ask ‹Place› for plans and a quiet hour, phone, 15 min',
        on: ['due', '14 days before'],
      },
      { said: 'Book the van, desk, 10 min', on: ['due', '1 week before'] },
      {
        said: 'Charge and pack the meters, workshop, 40 min',
        on: ['day', 'last working day before'],
        steps: ['two meters and the calibrator', 'tripods', 'the sound source', 'tape, chalk, plans'],
      },
      { said: 'Measure ‹Place›, on site, 3 hours, deep, must', on: ['at', 'on', '10:00'] },
      { said: 'Copy the readings off the meters, desk, 20 min', on: ['day', 'next working day after'] },
      { said: 'Write to ‹Place› what was heard, desk, 45 min', on: ['due', 'first monday after'] },
    ],
  },
  {
    title: 'Accounts of the quarter up to ‹Last day›',
    makes: 'project',
    outcome: 'The quarter up to ‹Last day› is filed',
    inOrder: true,
    blanks: [['Last day', 'date']],
    actions: [
      { said: 'Gather receipts and mileage, desk, 60 min', on: ['notBefore', 'next working day after'] },
      { said: 'Enter what is missing, desk, 90 min' },
      { said: 'File the quarter, desk, 30 min, must', on: ['due', '1 month after'] },
    ],
  },
  {
    title: 'Before a talk',
    makes: 'checklist',
    blanks: [],
    actions: [],
    lines: [
      'the room, and who has its key',
      'projector and the right plug',
      'water',
      'the bell and the balloon',
    ],
  },
]

export function makeTemplates({ play, today }: { readonly play: Play; readonly today: CalendarDate }): void {
  templates.forEach(({ title, makes, outcome, inOrder, blanks, actions, lines }, index) =>
    play.at(addDays(today, -70), 1000 + index * 3, (player) => {
      const id = player.run('addTemplate', { title, makes }) as Id<'project'>
      if (outcome) player.run('editProject', { id, patch: { outcome } })
      const days = blanks.flatMap(([name, kind]) => {
        const blank = player.run('addBlank', { projectId: id, name, kind }) as Id<'blank'>
        return kind === 'date' ? [blank] : []
      })
      if (inOrder) player.run('setInOrder', { id, inOrder })
      const made = actions.map(({ said, steps = [] }) =>
        player.run('addToTemplate', {
          ...player.read(said),
          horizon: 'soon',
          projectId: id,
          steps,
        }),
      )
      actions.forEach(({ on }, at) => {
        const shift = on && readShift(on[1])?.shift
        if (!on || !shift) return
        const time = (on[2] ?? null) as ClockTime | null
        const to = { blankId: days[0] ?? null, shift, time }
        player.run('setCounted', { of: made[at] as Id<'action'>, field: on[0], to })
      })
      const list = recordsIn(player.document(), 'checklist').find(({ ownerId }) => ownerId === id)?.id
      if (lines && list) player.run('addSteps', { ownerId: list, titles: lines })
    }),
  )
}
