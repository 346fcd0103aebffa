// A list as it comes from elsewhere: bullets, numbers and check boxes taken off, and what is indented below a line kept
// under it. Every word of the paste is in a line of the result.

export interface ListLine {
  readonly text: string
  /** Lines indented below it, however deep. */
  readonly under: readonly string[]
}

const mark = /^(?:[-*+•◦‣▪▫●○–—·>]|\(?\d{1,3}[.)]|\(?[a-zA-Z][.)])(?=\s)\s*/
const checkBox = /^(?:\[[ xX✓✔-]?\]|[☐☑☒✓✔✗✘□■])\s*/
const tabWidth = 4
/** Zero-width signs that pages leave behind at the beginning of a line. */
const invisible = /^[\u200b\u200e\u200f\u2060\ufeff]+/

/** Without the marks that stand before it; a line of nothing but a mark is empty. */
export function bareLine(line: string): string {
  let rest = line.trim().replace(invisible, '')
  const bullet = mark.exec(`${rest} `)
  if (bullet) rest = rest.slice(bullet[0].trimEnd().length).trimStart()
  return rest.replace(checkBox, '').trim()
}

/** How far a line is indented, in spaces. */
export function indentOf(line: string): number {
  let depth = 0
  for (const sign of line) {
    if (sign === '\t') depth += tabWidth
    else if (sign === ' ' || sign === '\u00a0') depth++
    else break
  }
  return depth
}

/** The lines of a paste that have words. What is deeper than the first line stands under the line before it. */
export function pastedList(paste: string): ListLine[] {
  const lines: { text: string; under: string[] }[] = []
  let outer = Infinity
  for (const raw of paste.split(/\r\n|[\n\r\u2028\u2029]/)) {
    const text = bareLine(raw)
    if (text === '') continue
    const depth = indentOf(raw)
    const above = lines.at(-1)
    if (above && depth > outer) above.under.push(text)
    else {
      lines.push({ text, under: [] })
      outer = Math.min(outer, depth)
    }
  }
  return lines
}

/** The same without steps: every line one of its own. */
export const flatList = (lines: readonly ListLine[]): ListLine[] =>
  lines.flatMap(({ text, under }) => [text, ...under].map((line) => ({ text: line, under: [] })))
