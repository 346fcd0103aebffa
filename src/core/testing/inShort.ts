import { toRuleText } from '../repeat'
import type { Clause } from '../sentence'

/** A clause in a few words, as the tables of sentences write it: "due 2026-03-13 17:00", "20 min", "context:phone". */
export function inShort(clause: Clause): string {
  switch (clause.kind) {
    case 'due':
    case 'at':
      return [clause.kind, clause.date, clause.time, clause.kind === 'at' ? clause.minutes : null]
        .filter(Boolean)
        .join(' ')
    case 'notBefore':
    case 'day':
    case 'since':
    case 'chase':
      return `${clause.kind} ${clause.date}`
    case 'horizon':
      return `horizon ${clause.horizon}`
    case 'minutes':
      return `${clause.minutes} min`
    case 'question':
      return `question ${clause.options.map(({ id }) => id).join(' ')}`
    case 'waiting':
      return `waiting ${clause.name?.id ?? clause.whom}`
    case 'repeat':
      return `repeat ${toRuleText(clause.rule)}${clause.fromDone ? ' from done' : ''}${clause.time ? ` ${clause.time}` : ''}`
    case 'until':
      return `until ${clause.date}`
    case 'times':
      return `${clause.times} times`
    case 'reminder':
      return `reminder ${Object.values(clause.when)
        .filter((part) => part !== null)
        .join(' ')}`
    case 'payoff':
    case 'craft':
      return `${clause.level} ${clause.kind}`
    case 'steps':
      return `steps ${clause.steps.join(' / ')}`
    case 'weight':
    case 'energy':
      return valueIn(clause)
    default:
      // A name by its id; anything else by its kind and its value.
      return 'name' in clause ? clause.name.id : `${clause.kind} ${valueIn(clause)}`
  }
}

/** Its value, where that stands under the name of its kind. */
const valueIn = (clause: Clause): string =>
  String((clause as unknown as Readonly<Record<string, unknown>>)[clause.kind])
