// What lies on the clipboard or in what is dropped: text, or a link with the words it was found under.

const longestHtml = 20_000

export const clippedText = (from: DataTransfer): string => from.getData('text/plain')

/** Lines with words in them. */
export const linesIn = (text: string): number =>
  text.split(/[\n\r\u2028\u2029]/).filter((line) => line.trim() !== '').length

const isLink = (text: string): boolean => /^https?:\/\/\S+$/i.test(text)

/**
 * The words of the one link that some HTML consists of. It is parsed without being shown: nothing in it runs or
 * loads.
 */
function wordsOfLink(html: string, link: string): string | null {
  if (html === '' || html.length > longestHtml) return null
  const links = [...new DOMParser().parseFromString(html, 'text/html').querySelectorAll('a[href]')]
  const words = links.length === 1 ? (links[0]?.textContent ?? '').replace(/\s+/g, ' ').trim() : ''
  return words === '' || words === link ? null : words
}

/** A link as a sentence, its words before where it leads; null where it is no link or has no words. */
export function clippedLink(from: DataTransfer): string | null {
  const listed = from
    .getData('text/uri-list')
    .split(/[\r\n]+/)
    .find((line) => line !== '' && !line.startsWith('#'))
  const link = (listed ?? clippedText(from)).trim()
  if (!isLink(link)) return null
  const words = wordsOfLink(from.getData('text/html'), link)
  return words ? `${words} ${link}` : null
}
