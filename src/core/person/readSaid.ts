// What is said about somebody in a sentence: a fact ("Oda's mobile is 07700 900123"), or what to raise with them
// ("raise the fee with Oda"). Only what is plainly one is taken for it; everything else stays a slip.
import { personNamed } from '../sentence/personNamed'
import type { Name } from '../sentence/clause'
import { kindOf, titleLimit, type Id } from '../record'
import { factOf, isPlainFact, type FactSaid } from './readFact'

/** Somebody who is known, or a name that nobody has yet. */
export interface Whom {
  readonly id: Id<'person'> | null
  readonly name: string
}
export type SaidOfPeople =
  | { readonly kind: 'fact'; readonly whom: Whom; readonly fact: FactSaid }
  | { readonly kind: 'topic'; readonly whom: readonly Whom[]; readonly text: string }

const wordsOf = (name: string) => name.toLowerCase().replace(/’/g, "'").trim().replace(/\s+/g, ' ')

/** The one person called so, by the whole name or the first; null where it is nobody's, or several people's. */
function personCalled(name: string, names: readonly Name[]): Whom | null {
  const said = wordsOf(name)
  const people = names.filter(({ id }) => kindOf(id) === 'person')
  const whole = people.filter((each) => wordsOf(each.name) === said)
  const found = whole.length > 0 ? whole : people.filter((each) => wordsOf(each.name).split(' ')[0] === said)
  const [one] = found
  if (one && found.length === 1) return { id: one.id as Id<'person'>, name: one.name }
  // A name of nobody yet, and of nothing else: taken for one where it is written as one.
  const isFree = found.length === 0 && !names.some((each) => wordsOf(each.name).startsWith(said))
  return isFree && personNamed(name) === name ? { id: null, name } : null
}

const ofSomebody = /^(.{1,80}?)['’]s? (.{2,40}?) (?:is|are|=) (.+)$/
const liking = /^(\S.{0,80}?) (likes|dislikes|prefers|is allergic to) (.+)$/
const raising = /^raise (.+) with ([^,;]{1,120}?)[.!]?$/i
const raisingFirst = /^(?:to )?raise with ([^:]{1,120}): ?(.+)$/i

function factSaid(line: string, names: readonly Name[]): SaidOfPeople | null {
  const [, name = '', label = '', value = ''] = ofSomebody.exec(line) ?? []
  const whom = name === '' ? null : personCalled(name, names)
  if (whom) {
    const fact = factOf(label, value)
    if (isPlainFact(label, fact)) return { kind: 'fact', whom, fact }
  }
  const [, liker = '', verb = '', what = ''] = liking.exec(line) ?? []
  const who = liker === '' ? null : personCalled(liker, names)
  return who?.id ? { kind: 'fact', whom: who, fact: factOf(verb.replace(/^is /, ''), what) } : null
}

function topicSaid(line: string, names: readonly Name[]): SaidOfPeople | null {
  const first = raisingFirst.exec(line)
  const found = first ? { who: first[1], text: first[2] } : { who: raising.exec(line)?.[2], text: raising.exec(line)?.[1] }
  if (!found.who || !found.text) return null
  const whom = found.who.split(/,| and | & /).map((name) => personCalled(name.trim(), names))
  return whom.every((each) => each !== null) ? { kind: 'topic', whom, text: found.text.trim() } : null
} // prettier-ignore

/** What a line says of people; null where it is for the Tray. Nothing longer than a title is read. */
export function readSaidOfPeople(line: string, names: readonly Name[]): SaidOfPeople | null {
  const said = line.replace(/\s+/g, ' ').trim()
  if (said.length > titleLimit) return null
  return topicSaid(said, names) ?? factSaid(said, names)
}
