// A list as it comes from elsewhere, as steps: what is indented stands under the line before it, as deep as it is.
import { bareLine, indentOf } from '../setdown/pastedList'

export interface StepLine {
  readonly title: string
  /** 0 at the top; at most one more than the line before. */
  readonly depth: number
}

/** The lines of a paste that have words, with how deep each stands. */
export function pastedSteps(paste: string): StepLine[] {
  const lines: StepLine[] = []
  /** The indents of the lines that the present one may stand under. */
  const open: number[] = []
  for (const raw of paste.split(/\r\n|[\n\r\u2028\u2029]/)) {
    const title = bareLine(raw)
    if (title === '') continue
    const indent = indentOf(raw)
    while (open.length > 0 && (open.at(-1) as number) >= indent) open.pop()
    lines.push({ title, depth: open.length })
    open.push(indent)
  }
  return lines
}
