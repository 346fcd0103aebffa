const boxShape = /^(\s*)\[([ xX]?)\](?=\s)/

/** Plain text as it becomes in the editor: a line that begins with a box is a check box. */
export const asPasted = (text: string): string =>
  text
    .split('\n')
    .map((line) => line.replace(boxShape, (_, before: string, mark: string) => `${before}- [${mark || ' '}]`))
    .join('\n')
