/** The first words of a note in one line, without what only forms them; empty where there are none but headings. */
export const plainWords = (note: string): string =>
  note
    .slice(0, 600)
    .split('\n')
    .filter((line) => !/^\s*(?:#{1,6}\s|```|~~~|---|\|)/.test(line))
    .map((line) =>
      line
        .replace(/^\s*(?:[-*+]|\d+[.)]|>)\s+(?:\[[ xX]\]\s+)?/, '')
        .replace(/<!--.*?-->/g, '')
        .replace(/[*_`\\]/g, '')
        .trim(),
    )
    .filter((line) => line !== '')
    .join(' · ')
    .slice(0, 120)
