// What is said about somebody in a sentence: a fact ("Oda's mobile is 07700 900123"), or what to raise with them
// ("raise the fee with Oda"). Only what is plainly one is taken for it; everything else stays a slip.
import { personNamed } from '../sentence/personNamed'
import type { NameIndex } from '../sentence/nameIndex'
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

/** The one person called so, by the whole name or the first; null where it is nobody's, or several things'. */
function personCalled(name: string, names: NameIndex): Whom | null {
  const found = names.byWords.get(name.toLowerCase().replace(/’/g, "'").trim()) ?? []
  const [one] = found
  if (one && found.length === 1 && kindOf(one.id) === 'person')
    return { id: one.id as Id<'person'>, name: one.name }
  // A name of nothing yet: taken for a person's where it is written as one.
  return found.length === 0 && personNamed(name) === name ? { id: null, name } : null
}

const ofSomebody = /^(.{1,80}?)['’]s? (.{2,40}?) (?:is|are|=) (.+)$/
const liking = /^(\S.{0,80}?) (likes|dislikes|prefers|is allergic to) (.+)$/
const raising = /^raise (.+) with ([^,;]{1,120}?)[.!]?$/i
const raisingFirst = /^(?:to )?raise with ([^:]{1,120}): ?(.+)$/i

function factSaid(line: string, names: NameIndex): SaidOfPeople | null {
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

function topicSaid(line: string, names: NameIndex): SaidOfPeople | null {
  const first = raisingFirst.exec(line)
  const found = first
    ? { who: first[1], text: first[2] }
    : { who: raising.exec(line)?.[2], text: raising.exec(line)?.[1] }
  if (!found.who || !found.text) return null
  const whom = found.who.split(/,| and | & /).map((name) => personCalled(name.trim(), names))
  return whom.every((each) => each !== null) ? { kind: 'topic', whom, text: found.text.trim() } : null
}

/** What a line says of people; null where it is for the Tray. Nothing longer than a title is read. */
export function readSaidOfPeople(line: string, names: NameIndex): SaidOfPeople | null {
  const said = line.replace(/\s+/g, ' ').trim()
  if (said.length > titleLimit) return null
  return topicSaid(said, names) ?? factSaid(said, names)
}
