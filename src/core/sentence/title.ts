// What is left of a sentence once its clauses are out of it.
import type { Clause } from './clause'

const isSpace = (sign: string | undefined): boolean => sign !== undefined && /\s/.test(sign)

/** The last sign of a text that is no space. */
function lastSign(text: string): string {
  let at = text.length - 1
  while (at >= 0 && isSpace(text[at])) at--
  return text[at] ?? ''
}

/** Without spaces, breaks and dashes left over at the end. */
function trimmedEnd(title: string): string {
  let end = title.length
  for (;;) {
    const sign = title[end - 1]
    if (sign === undefined) return ''
    const dangles = isSpace(sign) || ',;:'.includes(sign) || ('-–—'.includes(sign) && isSpace(title[end - 2]))
    if (!dangles) return title.slice(0, end)
    end--
  }
}

/** The place behind a break that follows `at`, or `at`. */
function behindBreak(text: string, at: number): number {
  let next = at
  while (isSpace(text[next])) next++
  return ',;:'.includes(text[next] ?? ' ') ? next + 1 : at
}

/**
 * What is left of a sentence without its clauses, and where it `isBare` without its questions: a break or a dash that
 * stood before a clause goes with it.
 */
export function titleWithout(text: string, clauses: readonly Clause[], isBare = false): string {
  const removed = clauses.filter((clause) => !clause.inTitle && (isBare || clause.kind !== 'question'))
  if (removed.length === 0) return text.replace(/\s+/g, ' ').trim()
  let title = ''
  let at = 0
  for (const { start, end } of removed) {
    title += text.slice(at, start)
    const before = lastSign(title)
    if ('-–—'.includes(before) && before !== '') title = trimmedEnd(title)
    at = before === '' || ',;:('.includes(before) ? behindBreak(text, end) : end
  }
  const joined = (title + text.slice(at)).replace(/\s+/g, ' ')
  const tidy = joined
    .replace(/ ?\([ ,;:]*\)(?=[.!?]*$)/, '')
    .replace(/ ([,;:.!?)])/g, '$1')
    .replace(/\( /g, '(')
  return trimmedEnd(tidy).replace(/^[\s,;:]+/, '')
}
