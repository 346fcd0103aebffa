// The check-box lines of a note, found by reading its lines alone: thousands of notes are looked through for one list.
// Markdown as CommonMark and GFM have it, so far as such a line goes; what stands in a quotation is left to its author.
import { titleLimit } from '../record'
import { tieBegin, tieText, type TieName } from './tie'

export interface CheckLine {
  /** Which line of the note it is, from 0. */
  readonly at: number
  readonly isDone: boolean
  /** What it says, as it is written in Markdown. */
  readonly written: string
  /** What it stands for elsewhere; null where it is a line and nothing else. */
  readonly tie: TieName | null
}

/** Its parts: what stands before the mark, the mark, what stands between it and the text, the text. */
const shape = /^(\s*(?:[-*+]|\d{1,9}[.)])\s+)\[([ xX])\](\s+)(.*)$/
const tieShape = /\s*<!-- action:([A-Za-z0-9_~-]{1,128}) -->\s*$/
const fenceShape = /^\s{0,3}(`{3,}|~{3,})(.*)$/
const itemShape = /^\s*(?:[-*+]|\d{1,9}[.)])\s/

/** What ends a list without a blank line: a heading, a quotation, a rule. */
const interruptShape = /^(?:#{1,6}(?:\s|$)|>|(?:[-*_]\s*){3,}$)/

/** Whether there may be any: most notes have none, and are told by a glance. */
export const mayHaveCheckLines = (note: string): boolean => note.includes('[')

interface Candidate {
  readonly at: number
  readonly line: string
}

/** Every line that has a bracket. */
function* withBracket(note: string): Generator<Candidate> {
  let at = 0
  let counted = 0
  for (let bracket = note.indexOf('['); bracket >= 0;) {
    const start = note.lastIndexOf('\n', bracket) + 1
    for (
      let next = note.indexOf('\n', counted);
      next >= 0 && next < start;
      next = note.indexOf('\n', next + 1)
    )
      at++
    counted = start
    const end = note.indexOf('\n', bracket)
    yield { at, line: note.slice(start, end < 0 ? note.length : end) }
    bracket = end < 0 ? -1 : note.indexOf('[', end)
  }
}

/** Every line that has a bracket and is not code. */
function* outsideCode(note: string): Generator<Candidate> {
  let fence: string | null = null
  let isInList = false
  let isAfterBlank = true
  for (const [at, line] of note.split('\n').entries()) {
    const fenced = fenceShape.exec(line)
    if (fence !== null) {
      const isEnd = fenced && fenced[1]?.startsWith(fence) && fenced[2]?.trim() === ''
      if (isEnd) fence = null
      continue
    }
    if (fenced && !(fenced[1]?.startsWith('`') && fenced[2]?.includes('`'))) {
      fence = fenced[1] as string
      if (/^\S/.test(line)) isInList = false
      continue
    }
    // Four spaces make code of a line, unless it stands under an item of a list.
    if (!isInList && /^(?: {4}|\t)/.test(line)) continue
    // Words right below an item still belong to it; after a blank line, or as a heading, they end the list.
    const isOutside = /^\S/.test(line) && (isAfterBlank || interruptShape.test(line))
    if (itemShape.test(line)) isInList = true
    else if (isOutside) isInList = false
    isAfterBlank = line.trim() === ''
    if (line.includes('[')) yield { at, line }
  }
}

/** Most notes have no code: there is nothing to keep count of. */
const mayHaveCode = (note: string): boolean =>
  note.includes('```') ||
  note.includes('~~~') ||
  note.includes('\n    ') ||
  note.includes('\n\t') ||
  /^(?: {4}|\t)/.test(note)

function* eachCheckLine(note: string): Generator<CheckLine> {
  if (!mayHaveCheckLines(note)) return
  for (const { at, line } of mayHaveCode(note) ? outsideCode(note) : withBracket(note)) {
    const parts = shape.exec(line)
    if (!parts) continue
    const text = parts[4] as string
    const tie = text.includes(tieBegin) ? tieShape.exec(text) : null
    const written = (tie ? text.slice(0, tie.index) : text).trim()
    if (written !== '') yield { at, isDone: parts[2] !== ' ', written, tie: tie?.[1] ?? null }
  }
}

export const checkLinesOf = (note: string): CheckLine[] => [...eachCheckLine(note)]

/** Whether there is a line that is not ticked: looked for no further than the first. */
export function hasOpenLine(note: string): boolean {
  for (const { isDone } of eachCheckLine(note)) if (!isDone) return true
  return false
}

export type LineChange = Partial<Pick<CheckLine, 'isDone' | 'written' | 'tie'>>

/** The note with some of its check-box lines changed; those `change` returns null for stay as they are written. */
export function withCheckLines(note: string, change: (line: CheckLine) => LineChange | null): string {
  const lines = note.split('\n')
  let isChanged = false
  for (const line of checkLinesOf(note)) {
    const changed = change(line)
    if (!changed) continue
    const [, before, , between] = shape.exec(lines[line.at] as string) ?? []
    const { isDone, written, tie } = { ...line, ...changed }
    const text = [written, ...(tie === null ? [] : [tieText(tie)])].join(' ')
    lines[line.at] = `${before}[${isDone ? 'x' : ' '}]${between}${text}`
    isChanged = true
  }
  return isChanged ? lines.join('\n') : note
}

/** Marks of Markdown within a line, and the words they stand around. */
const marks: readonly (readonly [RegExp, string])[] = [
  [/`([^`]+)`/g, '$1'],
  [/!?\[([^\]]*)\]\((?:[^()]|\([^()]*\))*\)/g, '$1'],
  [/<((?:https?:\/\/|mailto:)[^<>\s]+)>/g, '$1'],
  [/(?<!\w)(\*\*|__|~~)(?=\S)(.+?)(?<=\S)\1(?!\w)/g, '$2'],
  [/(?<![\w*_])([*_])(?=\S)([^*_]+?)(?<=\S)\1(?!\w)/g, '$2'],
]

/** A line that is longer than this is words and nothing else: to look for marks in it would hold the screen. */
const looked = 4000

/** Escaped signs are hidden behind signs that nobody types. */
const escapedFrom = 0xe000
const hidden = (sign: string): string => String.fromCharCode(escapedFrom + sign.charCodeAt(0))
const shownAgain = (sign: string): string => String.fromCharCode(sign.charCodeAt(0) - escapedFrom)

/** What a line says without the marks of Markdown: the words a title is made of. */
export const plainOf = (written: string): string =>
  marks
    .reduce(
      (text, [mark, words]) => text.replace(mark, words),
      written.slice(0, looked).replace(/\\([!-/:-@[-`{-~])/g, (_, sign: string) => hidden(sign)),
    )
    .replace(/[\ue021-\ue07e]/g, shownAgain)
    .concat(written.slice(looked))
    .replace(/\s+/g, ' ')
    .trim()

/** Words cut to a title, at a word where there is one, and what is left of them; none of it is lost. */
export function titleAndRest(words: string): { readonly title: string; readonly rest: string } {
  if (words.length <= titleLimit) return { title: words, rest: '' }
  const space = words.lastIndexOf(' ', titleLimit)
  const end = space > titleLimit / 2 ? space : titleLimit
  // Never between the two halves of one sign.
  const cut = /[\ud800-\udbff]/.test(words[end - 1] ?? '') ? end - 1 : end
  return { title: words.slice(0, cut).trim(), rest: words.slice(cut).trim() }
}

/** The addresses that words of a line stand for: `[words](address)`. */
export const linksOf = (written: string): string[] => [
  ...new Set(
    [
      ...written.matchAll(
        /\]\(<?([a-z][a-z0-9+.-]*:[^\s<>()]*(?:\([^\s<>()]*\)[^\s<>()]*)*)>?(?:\s+"[^"]*")?\)/gi,
      ),
    ].map((found) => found[1] as string),
  ),
]

/** Words as they must be written in Markdown to be read as they are. */
export const writtenOf = (words: string): string =>
  words
    .replace(/\s+/g, ' ')
    .replace(/([\\`*_[\]<>~])/g, '\\$1')
    .replace(/&(?=[#\w]+;)/g, '\\&')
