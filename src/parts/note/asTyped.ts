// Plain text as it becomes in the editor, where a line that begins with a box is a check box.

const boxShape = /^(\s*)\[([ xX]?)\](?=\s)/

/** What was pasted: line by line as it is written. */
export const asPasted = (text: string): string =>
  text
    .split('\n')
    .map((line) => line.replace(boxShape, (_, before: string, mark: string) => `${before}- [${mark || ' '}]`))
    .join('\n')

/**
 * What was typed key by key: Enter begins a paragraph, and after a check box another one, until a line is left empty.
 */
export function asTyped(text: string): string {
  const lines: string[] = []
  let isBox = false
  for (const line of text.split('\n')) {
    const isBegun = boxShape.test(line)
    if (line.trim() === '') isBox = false
    else if (isBegun || isBox) {
      if (!isBox) lines.push('')
      lines.push(isBegun ? asPasted(line) : `- [ ] ${line}`)
      isBox = true
    } else lines.push('', line)
  }
  return lines.join('\n').trim()
}
