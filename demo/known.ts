// What is known of the people of the demo, and what to raise with them.
import { recordsIn } from '@/core/journal'
import { readFact } from '@/core/person'
import { addDays, type CalendarDate } from '@/core/time'
import type { Play } from './play'

interface Known {
  readonly name: string
  readonly role?: string
  readonly firm?: string
  readonly facts: readonly string[]
  readonly raise?: readonly string[]
  readonly onBoard?: true
}

const known: readonly Known[] = [
  {
    name: 'Oda',
    role: 'tile maker',
    firm: 'Marsh & Daughters',
    facts: ['mobile 07700 900123', 'e-mail oda@example.org', 'birthday 3 May', 'likes dark chocolate'],
    onBoard: true,
    raise: ['Is the 40 mm felt fire rated?', 'Samples back by the 20th', 'Her fee for the second firing'],
  },
  {
    name: 'Kofi',
    role: 'cabinet maker',
    facts: ['workshop phone 020 7946 0018', 'address 4 Mill Lane, by the lock'],
    raise: ['Width of the hatch'],
    onBoard: true,
  },
  {
    name: 'Perrin',
    role: 'accountant',
    facts: ['e-mail perrin@example.com', 'phone 020 7946 0042'],
    onBoard: true,
  },
  { name: 'Jun', role: 'measures with me', facts: ['mobile 07700 900789'], onBoard: true },
  { name: 'Mireille', role: 'choir leader', facts: ['mobile 07700 900456', 'birthday 21 November 1968'] },
]

export function knowPeople(play: Play, today: CalendarDate): void {
  play.at(addDays(today, -3), 1000, (player) => {
    for (const { name, role, firm, facts, raise = [], onBoard } of known) {
      const id = recordsIn(player.document(), 'person').find((person) => person.name === name)?.id
      if (!id) continue
      if (role) player.run('editPerson', { id, patch: { role }, ...(firm ? { firmNamed: firm } : {}) })
      for (const fact of facts.flatMap((line) => readFact(line) ?? []))
        player.run('addFact', { id, name: '', fact })
      if (onBoard) player.run('editPerson', { id, patch: { onBoard } })
      for (const text of raise) player.run('addTopic', { whom: [{ id, name: '' }], text })
    }
  })
}
