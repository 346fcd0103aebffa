// A page written down as Markdown again. What was plain text stays plain text: only what would be read as a mark is
// escaped.
import weakMemoize from '@emotion/weak-memoize'
import { tieText } from './tie'
import type { PageMark, PageNode } from './pageOf'

const inside = (node: PageNode): readonly PageNode[] => node.content ?? []

/** Marks, outermost first: one that goes on over several nodes is written once around them. */
const order: readonly PageMark['type'][] = ['link', 'bold', 'italic', 'strike', 'code']
const around = { bold: '**', italic: '*', strike: '~~' } as const

const unsafe: readonly (readonly [RegExp, string])[] = [
  [/\\(?=[!-/:-@[-`{-~])/g, '\\\\'],
  [/`/g, '\\`'],
  // Alone between spaces a star is a star; within a word an underscore is one.
  [/(?<!\s)\*|\*(?!\s|$)|^\*/g, '\\*'],
  [/(?<![\p{L}\p{N}])_|_(?![\p{L}\p{N}])/gu, '\\_'],
  [/~~/g, '\\~~'],
  [/\](?=\()/g, '\\]'],
  [/<(?=[A-Za-z!/?])/g, '\\<'],
  [/&(?=#?\w+;)/g, '\\&'],
]
/** What would begin something else at the beginning of a line. */
const unsafeAtStart: readonly (readonly [RegExp, string])[] = [
  [/^(#{1,6})(?=\s|$)/, '\\$1'],
  [/^([-+*])(?=\s|$)/, '\\$1'],
  [/^(\d{1,9})([.)])(?=\s|$)/, '$1\\$2'],
  [/^([>|])/, '\\$1'],
  [/^([-=])(?=[-= ]*$)/, '\\$1'],
  [/^([-:])(?=[-:| ]+$)/, '\\$1'],
  [/^(~{3,})/, '\\$1'],
  [/^(\[[ xX]\])(?=\s|$)/, '\\$1'],
]
const escaped = (text: string, rules: typeof unsafe): string =>
  rules.reduce((safe, [mark, by]) => safe.replace(mark, by), text)

const markOf = ({ marks }: PageNode, type: PageMark['type']): PageMark | undefined =>
  marks?.find((mark) => mark.type === type)
const isSame = (a: PageMark | undefined, b: PageMark | undefined): boolean =>
  a?.type === b?.type && a?.attrs?.href === b?.attrs?.href

const textOf = (nodes: readonly PageNode[]): string =>
  nodes.map((node) => (node.type === 'hardBreak' ? '\n' : (node.text ?? ''))).join('')

function codeOf(text: string): string {
  const longest = Math.max(0, ...[...text.matchAll(/`+/g)].map(([run]) => run.length))
  const fence = '`'.repeat(longest + 1)
  const pad = /^`|`$|^ .* $/.test(text) ? ' ' : ''
  return `${fence}${pad}${text}${pad}${fence}`
}

/** Addresses that are read as links as they stand. */
const isBare = (address: string): boolean =>
  /^https?:\/\/[\w.~:/?#%=&;@+-]*[\w/]$/i.test(address) && !/__|\*/.test(address)

function linkOf(href: string, run: readonly PageNode[], depth: number): string {
  const said = textOf(run)
  if (said === href && isBare(href)) return href
  if (said === href && /^[a-z]+:[^\s<>]+$/i.test(href)) return `<${href}>`
  const address = /[\s()<>]/.test(href) ? `<${href.replace(/[<>\s]/g, encodeURIComponent)}>` : href
  return `[${lineOf(run, depth + 1)}](${address})`
}

/** A run of words under one mark. Spaces at its ends stay outside: Markdown would not read them as marked. */
function underMark(mark: PageMark, run: readonly PageNode[], depth: number): string {
  if (mark.type === 'code') return codeOf(textOf(run))
  if (mark.type === 'link') return linkOf(mark.attrs?.href ?? '', run, depth)
  const inner = lineOf(run, depth + 1)
  const [, before = '', words = '', after = ''] = /^(\s*)([^]*?)(\s*)$/.exec(inner) ?? []
  return words === '' ? inner : `${before}${around[mark.type]}${words}${around[mark.type]}${after}`
}

function lineOf(nodes: readonly PageNode[], depth = 0): string {
  const type = order[depth]
  if (type === undefined) return nodes.map(plainOf).join('')
  let line = ''
  for (let at = 0; at < nodes.length;) {
    const mark = markOf(nodes[at] as PageNode, type)
    let end = at + 1
    while (end < nodes.length && isSame(markOf(nodes[end] as PageNode, type), mark)) end++
    const run = nodes.slice(at, end)
    line += mark ? underMark(mark, run, depth) : lineOf(run, depth + 1)
    at = end
  }
  return line
}

const plainOf = (node: PageNode): string =>
  node.type === 'hardBreak' ? '\n' : escaped(node.text ?? '', unsafe)

/** The words of a paragraph. No line of it begins anything else. */
const wordsOf = (node: PageNode): string =>
  lineOf(inside(node))
    .split('\n')
    .map((line) => escaped(line.trim(), unsafeAtStart))
    .join('\n')
    .replace(/^\n+|\n+$/g, '')
    .replace(/\n{2,}/g, '\n')

const oneLine = (node: PageNode): string =>
  lineOf(inside(node))
    .replace(/\s*\n\s*/g, ' ')
    .trim()

/** Lines under the first stand as far in as its words. */
const indented = (text: string, mark: string): string =>
  mark + text.replace(/\n(?!\n|$)/g, `\n${' '.repeat(mark.length)}`)

/** A blank line before what would go on with the words above it; lists follow them at once. */
const blocksOf = (nodes: readonly PageNode[], written: (node: PageNode) => string): string => {
  let text = ''
  nodes.forEach((node, index) => {
    const block = written(node)
    if (block === '') return
    const isTight = isUnordered(node) && isUnordered(nodes[index - 1])
    text += text === '' ? block : `${isTight ? '\n' : '\n\n'}${block}`
  })
  return text
}

const isUnordered = (node: PageNode | undefined): boolean =>
  node?.type === 'bulletList' || node?.type === 'taskList'
/** Only these may begin right below words: a list that counts from another number may not. */
const followsAtOnce = (node: PageNode): boolean =>
  isUnordered(node) || (node.type === 'orderedList' && Number(node.attrs?.['start'] ?? 1) === 1)

function itemOf(item: PageNode, mark: string): string {
  const [first, ...rest] = inside(item)
  const line = first?.type === 'paragraph' ? first : undefined
  const words = line ? wordsOf(line) : ''
  const box = item.type === 'taskItem' ? `[${item.attrs?.['checked'] === true ? 'x' : ' '}] ` : ''
  const tie = item.attrs?.['tie']
  const [head = '', ...lines] = words.split('\n')
  const tied = typeof tie === 'string' && head !== '' ? `${head} ${tieText(tie)}` : head
  const under = line ? rest : inside(item)
  const more = under.flatMap((node) => {
    const block = blockOf(node)
    return block === '' ? [] : [followsAtOnce(node) ? `\n${block}` : `\n\n${block}`]
  })
  return indented([`${box}${tied}`.trimEnd(), ...lines].join('\n') + more.join(''), mark)
}

function tableOf(table: PageNode): string {
  const rows = inside(table).map((row) =>
    inside(row).map((cell) => inside(cell).map(oneLine).join(' ').replace(/\|/g, '\\|')),
  )
  const [head = [], ...others] = rows
  const line = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`
  return [line(head), line(head.map(() => '---')), ...others.map(line)].join('\n')
}

/** Written once: nodes of a page never change. */
const blockOf = weakMemoize((node: PageNode): string => blockText(node))

function blockText(node: PageNode): string {
  switch (node.type) {
    case 'paragraph':
      return wordsOf(node)
    case 'heading':
      return `${'#'.repeat(Number(node.attrs?.['level'] ?? 1))} ${oneLine(node).replace(/(\s|^)(#+)$/, '$1\\$2')}`.trimEnd()
    case 'bulletList':
    case 'taskList':
      return inside(node)
        .map((item) => itemOf(item, '- '))
        .join('\n')
    case 'orderedList':
      return inside(node)
        .map((item, index) => itemOf(item, `${Number(node.attrs?.['start'] ?? 1) + index}. `))
        .join('\n')
    case 'blockquote':
      return blocksOf(inside(node), blockOf).replace(/^/gm, '> ').replace(/^> $/gm, '>')
    case 'codeBlock': {
      const code = textOf(inside(node))
      const longest = Math.max(2, ...[...code.matchAll(/^`{3,}/gm)].map(([run]) => run.length))
      const fence = '`'.repeat(longest + 1)
      return `${fence}${String(node.attrs?.['language'] ?? '')}\n${code}${code === '' ? '' : '\n'}${fence}`
    }
    case 'horizontalRule':
      return '---'
    case 'table':
      return tableOf(node)
    default:
      return lineOf([node])
  }
}

export const noteOf = (page: PageNode): string => blocksOf(inside(page), blockOf)
