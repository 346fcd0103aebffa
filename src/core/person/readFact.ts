// What is known of somebody, as it is written down: what it is called, what it says, and what a tap on it does.
import { titleLimit, type Fact } from '../record'
import { keptDate, readFactDate } from './factDate'

export type FactSaid = Pick<Fact, 'label' | 'value' | 'type'>

/** Labels by which a fact is known without a colon, and what such a fact is. */
const labels: readonly (readonly [RegExp, Fact['type']])[] = [
  [/(?:(?:home|work|office|private|direct|second|new|old) )?(?:(?:mobile|cell|phone|telephone|fax)(?: (?:number|no\.?))?|tel\.?|number|landline|extension)/, 'number'],
  [/(?:(?:home|work|office|private|second|new|old) )?(?:e-?mail)(?: address)?/, 'email'],
  [/birthday|birth ?date|date of birth|anniversary|name day/, 'date'],
  [/website|web site|web page|homepage|link|site/, 'link'],
  [/(?:(?:home|work|office|private|postal|delivery|new|old) )?(?:address|postcode)|(?:shoe |ring |collar |t-shirt )?size|likes|dislikes|allergies|allergic to|prefers|partner|wife|husband|children|assistant|pronouns|job|role|works at/, 'text'],
] // prettier-ignore

const labelled = labels.map(
  ([label, type]) => [new RegExp(`^(${label.source})(?:\\s*[:=]\\s*|\\s+(?:is|are)\\s+|\\s+)(?=\\S)`, 'i'), type] as const,
) // prettier-ignore
const wholeLabel = labels.map(([label, type]) => [new RegExp(`^(?:${label.source})$`, 'i'), type] as const)

const email = /^[^\s@<>",;]+@[^\s@<>",;]+\.[^\s@<>",;]+$/
const link = /^(?:https?:\/\/|www\.)\S+$/i
const isNumber = (value: string): boolean =>
  /^\+?[\d\s()./-]+$/.test(value) && value.replace(/\D/g, '').length >= 5

/** What a label says its fact is; null for a label of one's own. */
export const typeOfLabel = (label: string): Fact['type'] | null =>
  wholeLabel.find(([form]) => form.test(label.trim()))?.[1] ?? null

/** What a value looks like. */
export function typeOfValue(value: string): Fact['type'] {
  if (email.test(value)) return 'email'
  if (link.test(value)) return 'link'
  if (isNumber(value)) return 'number'
  return 'text'
}

/** A fact from its label and its value: a date as it is kept, and what it is as it looks. */
export function factOf(label: string, value: string): FactSaid {
  const says = value.replace(/\s+/g, ' ').trim().slice(0, titleLimit)
  const type = typeOfLabel(label)
  const asDate = type === 'date' || type === null ? readFactDate(says) : null
  if (asDate && (type === 'date' || /[a-z]/i.test(says)))
    return { label: label.trim(), value: keptDate(asDate), type: 'date' }
  const looksLike = typeOfValue(says)
  // "Door code: 12345" is nobody's number: under a label of one's own only a long one is.
  const isNobodys =
    looksLike === 'number' && type !== 'number' && (type === 'text' || says.replace(/\D/g, '').length < 9)
  return { label: label.trim(), value: says, type: isNobodys ? 'text' : looksLike }
}

const standIns: Readonly<Partial<Record<Fact['type'], string>>> = {
  number: 'phone',
  email: 'e-mail',
  link: 'link',
}

/**
 * A line about somebody: "mobile 07700 900123", "birthday 3 May", "likes: dark chocolate", "oda@example.org". A line
 * without a label that says nothing of itself is a fact without one.
 */
export function readFact(line: string): FactSaid | null {
  const said = line.replace(/\s+/g, ' ').trim()
  if (said === '') return null
  for (const [form] of labelled) {
    const [found, label] = form.exec(said) ?? []
    if (found && label) return factOf(label.toLowerCase(), said.slice(found.length))
  }
  const own = /^([^:]{1,40}): +(.+)$/.exec(said)
  if (own?.[1] && own[2]) return factOf(own[1], own[2])
  const type = typeOfValue(said)
  return factOf(standIns[type] ?? '', said)
}

/** Whether a fact is plain enough to be taken from a sentence about somebody. */
export function isPlainFact(label: string, { type, value }: FactSaid): boolean {
  const known = typeOfLabel(label)
  if (known === 'text') return true
  return known !== null && known === type && value !== ''
}

/** Where a tap on a fact leads: a call, an e-mail, a page; null where there is nothing but to read it. */
export function hrefOfFact({ type, value }: Pick<Fact, 'type' | 'value'>): string | null {
  switch (type) {
    case 'number':
      return `tel:${value.replace(/[^\d+]/g, '')}`
    case 'email':
      return `mailto:${encodeURIComponent(value).replace('%40', '@')}`
    case 'link':
      return /^https?:\/\//i.test(value) ? value : `https://${value}`
    case 'date':
    case 'text':
      return null
  }
}
