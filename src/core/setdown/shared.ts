// What another program or page hands over: a title, some text, a link. Programs fill these three as they like.
import { thoughtOf, type Thought } from './thought'

export interface Shared {
  readonly title: string
  readonly text: string
  readonly url: string
}

const linkIn = /https?:\/\/[^\s<>"]+/i

/**
 * The title, else the first line, with the link behind it; the rest is the note. Null where nothing was handed over.
 */
export function sharedThought({ title, text, url }: Shared): Thought | null {
  const [heading, body] = [title.replace(/\s+/g, ' ').trim(), text.trim()]
  const link = url.trim() || (linkIn.exec(body)?.[0] ?? '')
  // Many programs put the link, or the title again, into the text.
  const rest = body.replace(link, '').trim()
  const lines = rest === heading ? '' : rest
  const first = heading || (lines.split('\n', 1)[0] as string).trim()
  const below = heading ? lines : lines.slice((lines.split('\n', 1)[0] as string).length).trim()
  const sentence = [first, first.includes(link) ? '' : link].filter((part) => part !== '').join(' ')
  return sentence === '' ? null : thoughtOf([sentence, below].filter((part) => part !== '').join('\n'))
}
