// A line that is about somebody: a fact, or what to raise with them. It is kept with them, and not in the Tray, unless
// the chip that says so is taken off.
import type { SaidOfPeople } from '@/core/person'
import type { Id } from '@/core/record'
import { select } from '@/state'
import { useReader } from '@/held/reader'
import { useAct, useHeld, useToday } from '@/held/zen'
import { shortened } from '@/words'
import { factWords } from '@/words/people'

/** What is taken off where the line is for the Tray after all. */
export const saidOfPeopleKey = 'said of people'

export interface KeptWithPeople {
  /** On its chip: "Oda: mobile 07700 900123", "raise with Oda". */
  readonly words: string
  readonly whose: string
  /** To be raised; else it is a fact. */
  readonly isTopic: boolean
  /** Whether it was kept. */
  readonly keep: () => boolean
}

const whoseOf = (said: SaidOfPeople): string => {
  const whom = said.kind === 'fact' ? [said.whom] : said.whom
  return whom.map(({ id, name }) => (id === null ? `${name}, new` : name)).join(' and ')
}

/** `slipId`: the slip that says it, which leaves the Tray with it. */
export function useSaidOfPeople(
  line: string,
  takenOff: readonly string[],
  slipId: Id<'slip'> | null = null,
): KeptWithPeople | null {
  const act = useAct()
  const today = useToday()
  const reader = useReader()
  const names = useHeld((state) => select.namesOf(state.document))
  const said = takenOff.includes(saidOfPeopleKey)
    ? null
    : (reader.people?.readSaidOfPeople(line, names) ?? null)
  if (!said) return null
  const whose = whoseOf(said)
  if (said.kind === 'topic') {
    const { whom, text } = said
    return {
      whose,
      isTopic: true,
      words: `raise with ${whose}`,
      keep: () => {
        const say = `To raise with ${whose}: ${shortened(text)}`
        return slipId
          ? act('raiseSlip', { whom, text, slipId }, { say }).ok
          : act('addTopic', { whom, text }, { say }).ok
      },
    }
  }
  const { whom, fact } = said
  const words = `${whose}: ${[fact.label, factWords(fact, today)].filter(Boolean).join(' ')}`
  return {
    whose,
    isTopic: false,
    words,
    keep: () => act('addFact', { ...whom, fact }, { say: `Added to ${words}` }).ok,
  }
}
