// A note as a page: Markdown read into the nodes that an editor works on and a page is drawn from. HTML, pictures and
// whatever else the page has no form for stand on it word for word, as text: nothing of a note is ever run or fetched.
import MarkdownIt from 'markdown-it'
import { isSafeLink } from './isSafeLink'
import type { TieName } from './tie'

export interface PageMark {
  readonly type: 'bold' | 'italic' | 'strike' | 'code' | 'link'
  readonly attrs?: { readonly href: string }
}

export interface PageNode {
  readonly type:
    | 'doc'
    | 'paragraph'
    | 'heading'
    | 'bulletList'
    | 'orderedList'
    | 'listItem'
    | 'taskList'
    | 'taskItem'
    | 'blockquote'
    | 'codeBlock'
    | 'horizontalRule'
    | 'table'
    | 'tableRow'
    | 'tableHeader'
    | 'tableCell'
    | 'hardBreak'
    | 'text'
  readonly attrs?: Readonly<Record<string, unknown>>
  readonly content?: readonly PageNode[]
  readonly marks?: readonly PageMark[]
  readonly text?: string
}

type Token = ReturnType<MarkdownIt['parse']>[number]

/** What is nested deeper would be left out by the reader: such a note is not a page. */
const deepest = 60

const reader = new MarkdownIt({ html: false, linkify: true, breaks: true }).disable(['reference', 'image'])

// "notes.it" is more often a slip of the space bar than an address.
reader.linkify.set({ fuzzyLink: false })
// Any other address is no link: it stands there as it is written.
reader.validateLink = isSafeLink

interface Open {
  readonly type: PageNode['type']
  readonly attrs?: PageNode['attrs']
  readonly content: PageNode[]
}

const blockTypes: Readonly<Record<string, PageNode['type']>> = {
  paragraph: 'paragraph',
  heading: 'heading',
  bullet_list: 'bulletList',
  ordered_list: 'orderedList',
  list_item: 'listItem',
  blockquote: 'blockquote',
  table: 'table',
  tr: 'tableRow',
  th: 'tableHeader',
  td: 'tableCell',
}

const markTypes: Readonly<Record<string, PageMark['type']>> = {
  strong: 'bold',
  em: 'italic',
  s: 'strike',
  link: 'link',
}

const textNode = (text: string, marks: readonly PageMark[]): PageNode => ({
  type: 'text',
  text,
  ...(marks.length > 0 ? { marks } : {}),
})

/** The words of a line with their marks; neighbours of the same marks are one. */
function inlineOf(tokens: readonly Token[]): PageNode[] {
  const nodes: PageNode[] = []
  let marks: readonly PageMark[] = []
  const put = (text: string, own: readonly PageMark[]) => {
    const last = nodes.at(-1)
    if (text === '') return
    if (last?.type === 'text' && JSON.stringify(last.marks ?? []) === JSON.stringify(own))
      nodes[nodes.length - 1] = textNode(`${last.text}${text}`, own)
    else nodes.push(textNode(text, own))
  }
  for (const token of tokens) {
    const type = markTypes[token.tag === 'a' ? 'link' : token.type.replace(/_(?:open|close)$/, '')]
    if (token.type === 'softbreak' || token.type === 'hardbreak') nodes.push({ type: 'hardBreak' })
    else if (token.type === 'code_inline') put(token.content, [...marks, { type: 'code' }])
    else if (type && token.nesting === 1) {
      const href = token.attrGet('href') ?? ''
      if (type !== 'link') marks = marks.some((mark) => mark.type === type) ? marks : [...marks, { type }]
      else if (isSafeLink(href)) marks = [...marks, { type, attrs: { href } }]
    } else if (type && token.nesting === -1) marks = marks.filter((mark) => mark.type !== type)
    else put(token.content, marks)
  }
  return nodes
}

const boxShape = /^\[([ xX])\](?:\s+|$)/
const tieShape = /\s*(?<!\\)<!-- action:([A-Za-z0-9_~-]{1,128}) -->\s*$/

/** Of each paragraph, how it was written: an escaped box is none. */
const sources = new WeakMap<object, string>()

/** An item that begins with a box, and what it stands for: that is written at the end of its first line. */
function taskItemOf(item: PageNode): PageNode | null {
  const [line, ...rest] = item.content ?? []
  const source = (line && sources.get(line))?.split('\n', 1)[0] ?? ''
  const box = boxShape.exec(source)
  if (!box) return null
  const tie: TieName | null = tieShape.exec(source)?.[1] ?? null
  const words = [...(line?.content ?? [])]
  const change = (at: number, to: (text: string) => string) => {
    const word = words[at]
    if (word?.type === 'text') words[at] = { ...word, text: to(word.text ?? '') }
  }
  change(0, (text) => text.replace(boxShape, ''))
  const breakAt = words.findIndex(({ type }) => type === 'hardBreak')
  if (tie !== null) change((breakAt < 0 ? words.length : breakAt) - 1, (text) => text.replace(tieShape, ''))
  const content = words.filter((node) => node.type !== 'text' || node.text !== '')
  return {
    type: 'taskItem',
    attrs: { checked: box[1] !== ' ', tie },
    content: [{ type: 'paragraph', content }, ...rest],
  }
}

/** A list whose items are partly check boxes is several lists, one under the other. */
function listsOf(list: PageNode): PageNode[] {
  const lists: { type: PageNode['type']; content: PageNode[] }[] = []
  for (const item of list.content ?? []) {
    const task = taskItemOf(item)
    const type = task ? 'taskList' : list.type
    const begun = item.content?.[0]?.type === 'paragraph' ? item : withParagraph(item)
    const last = lists.at(-1)
    if (last?.type === type) last.content.push(task ?? begun)
    else lists.push({ type, content: [task ?? begun] })
  }
  return lists.map((each) => (each.type === 'orderedList' ? { ...each, attrs: list.attrs } : each))
}

const withParagraph = (item: PageNode): PageNode => ({
  ...item,
  content: [{ type: 'paragraph' }, ...(item.content ?? [])],
})

const isCell = (type: PageNode['type']): boolean => type === 'tableHeader' || type === 'tableCell'

function codeBlockOf({ content, info }: { readonly content: string; readonly info: string }): PageNode {
  const code = content.replace(/\n$/, '')
  return {
    type: 'codeBlock',
    attrs: { language: info.trim() || null },
    content: code === '' ? [] : [textNode(code, [])],
  }
}

/**
 * Null where it is not a page but something made to be hard to read: nested too deep. It is shown as it is written
 * then.
 */
export function pageOf(note: string): PageNode | null {
  const doc: Open = { type: 'doc', content: [] }
  const open: Open[] = [doc]
  const put = (...nodes: readonly PageNode[]) => open.at(-1)?.content.push(...nodes)
  for (const token of reader.parse(note, {})) {
    if (token.level > deepest) return null
    const type = blockTypes[token.type.replace(/_(?:open|close)$/, '')]
    if (type && token.nesting === 1) open.push({ type, content: [], ...attrsOf(token, type) })
    else if (type && token.nesting === -1) {
      const closed = open.pop() as Open
      const isList = closed.type === 'bulletList' || closed.type === 'orderedList'
      put(...(isList ? listsOf(closed) : [closed]))
    } else if (token.type === 'inline') {
      const words = inlineOf(token.children ?? [])
      sources.set(open.at(-1) as Open, token.content)
      put(...(isCell(open.at(-1)?.type ?? 'doc') ? [{ type: 'paragraph', content: words } as const] : words))
    } else if (token.type === 'hr') put({ type: 'horizontalRule' })
    else if (token.type === 'fence' || token.type === 'code_block') put(codeBlockOf(token))
  }
  return doc.content.length > 0 ? doc : { type: 'doc', content: [{ type: 'paragraph' }] }
}

function attrsOf(token: Token, type: PageNode['type']): Pick<Open, 'attrs'> {
  if (type === 'heading') return { attrs: { level: Number(token.tag.slice(1)) } }
  if (type === 'orderedList') return { attrs: { start: Number(token.attrGet('start') ?? 1) } }
  return {}
}
