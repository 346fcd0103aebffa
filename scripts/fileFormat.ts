// Writes the fields of every kind of record into docs/file-format.md, as the registry has them: npm run file-format.
import { readFileSync, writeFileSync } from 'node:fs'
import { registry } from '../src/core/record/kinds'
import type { Field, Fields } from '../src/core/record/kinds/field'

const path = 'docs/file-format.md'
const [from, to] = ['<!-- the fields, written by scripts/fileFormat.ts -->', '<!-- the end of the fields -->']

const ends = {
  clear: 'taken out when that is deleted',
  delete: 'deleted with it',
  keep: 'kept when that is deleted',
}
const either = (names: readonly string[]): string => names.map((name) => `\`${name}\``).join(', ')

/** What a field holds, in words. */
function holds(field: Field): string {
  const orNull = field.isNullable ? ' or null' : ''
  const orNothing = field.isOptional ? ', may be missing' : ''
  return `${shapeOf(field)}${orNull}${orNothing}`
}

function shapeOf(field: Field): string {
  switch (field.type) {
    case 'text':
      return field.max === Infinity ? 'text' : `text of at most ${field.max} characters`
    case 'date':
      return 'a day'
    case 'time':
      return 'a time'
    case 'epochMs':
      return 'an instant'
    case 'rank':
      return 'a rank'
    case 'flag':
      return 'true or false'
    case 'count':
      return field.max === Infinity
        ? `a whole number from ${field.min}`
        : `a whole number from ${field.min} to ${field.max}`
    case 'oneOf':
      return `one of ${either(field.values)}`
    case 'ref':
      return `an id of ${field.to.join(' or ')} (${ends[field.onDelete]})`
    case 'check':
      return {
        rule: 'a rule as RFC 5545 writes it',
        blob: 'the hash of a file, `sha256-…`',
        condition: 'a condition',
      }[field.name]
    case 'object':
      return `{ ${inside(field.fields)} }${field.isPartial ? ', any of them' : ''}`
    case 'variant':
      return Object.entries(field.of)
        .map(([name, fields]) => `{ \`${field.by}\` \`${name}\`, ${inside(fields)} }`)
        .join(' or ')
    case 'set':
      return `a set, each ${holds(field.of)}`
    case 'list':
      return `a list, each ${holds(field.of)}`
    case 'map':
      return `a map, each from ${holds(field.keys)} to ${holds(field.of)}`
  }
}

const inside = (fields: Fields): string =>
  Object.entries(fields)
    .map(([name, field]) => `\`${name}\` ${holds(field)}`)
    .join(', ')

const sectionOf = ([kind, { fields }]: [string, { fields: Fields }]): string =>
  [
    `### ${kind}`,
    '',
    ...Object.entries(fields).map(([name, field]) => `- \`${name}\`: ${holds(field)}`),
    '',
  ].join('\n')

/** The page with the fields as they are. */
export function withFields(page: string): string {
  const [before, rest] = page.split(from)
  const after = rest?.split(to)[1]
  if (before === undefined || after === undefined) throw new Error(`${path} has no place for the fields.`)
  const sections = Object.entries(registry as Record<string, { fields: Fields }>).map(sectionOf)
  return `${before}${from}\n\n${sections.join('\n')}\n${to}${after}`
}

if (process.argv[1]?.endsWith('fileFormat.ts')) writeFileSync(path, withFields(readFileSync(path, 'utf8')))
