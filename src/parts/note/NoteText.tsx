// A note as a page: drawn element by element from what was read of it, so that nothing in it is ever run.
import { Fragment, type ReactNode } from 'react'
import type { CheckLine } from '@/core/note'
import { isSafeLink } from '@/core/note/isSafeLink'
import type { PageMark, PageNode } from '@/core/note/pageOf'
import { Tick } from '@/ui'

export interface NoteTextProps {
  readonly page: PageNode
  /** The check-box lines of the note, in the order they stand on the page. */
  readonly lines: readonly CheckLine[]
  readonly onTick: (line: CheckLine) => void
  /** What stands at the end of a check-box line. */
  readonly beside: (line: CheckLine) => ReactNode
}

/** Boxes with words to them, in order; those in a quotation are its author's. */
const isBox = (node: PageNode): boolean =>
  node.type === 'taskItem' && (node.content?.[0]?.content ?? []).length > 0

export function NoteText({ page, lines, onTick, beside }: NoteTextProps) {
  let next = 0
  const lineFor = (node: PageNode, isQuoted: boolean): CheckLine | null =>
    isBox(node) && !isQuoted ? (lines[next++] ?? null) : null

  const all = (nodes: readonly PageNode[] | undefined, isQuoted: boolean): ReactNode =>
    nodes?.map((node, at) => <Fragment key={at}>{drawn(node, isQuoted)}</Fragment>)

  function taskItem(node: PageNode, isQuoted: boolean): ReactNode {
    const line = lineFor(node, isQuoted)
    const [words, ...under] = node.content ?? []
    const isDone = line ? line.isDone : node.attrs?.['checked'] === true
    return (
      <li className="note-box">
        {line ? (
          <Tick name={line.written} checked={isDone} onToggle={() => onTick(line)} />
        ) : (
          <span className="note-mark" aria-hidden>
            {isDone ? '☑' : '☐'}
          </span>
        )}
        <span className={isDone ? 'note-line struck' : 'note-line'}>{all(words?.content, isQuoted)}</span>
        {line ? beside(line) : null}
        {under.length > 0 ? <div className="note-under">{all(under, isQuoted)}</div> : null}
      </li>
    )
  }

  function drawn(node: PageNode, isQuoted: boolean): ReactNode {
    const inside = () => all(node.content, isQuoted)
    switch (node.type) {
      case 'text':
        return marked(node.text ?? '', node.marks ?? [])
      case 'hardBreak':
        return <br />
      case 'paragraph':
        return node.content && node.content.length > 0 ? <p>{inside()}</p> : null
      case 'heading':
        return headed(Number(node.attrs?.['level'] ?? 1), inside())
      case 'bulletList':
        return <ul>{inside()}</ul>
      case 'orderedList':
        return <ol start={Number(node.attrs?.['start'] ?? 1)}>{inside()}</ol>
      case 'taskList':
        return <ul className="note-boxes">{inside()}</ul>
      case 'listItem':
        return <li>{inside()}</li>
      case 'taskItem':
        return taskItem(node, isQuoted)
      case 'blockquote':
        return <blockquote>{all(node.content, true)}</blockquote>
      case 'codeBlock':
        return <pre tabIndex={0}>{inside()}</pre>
      case 'horizontalRule':
        return <hr />
      case 'table':
        return (
          <div className="note-table" tabIndex={0} role="group" aria-label="Table">
            <table>
              <tbody>{inside()}</tbody>
            </table>
          </div>
        )
      case 'tableRow':
        return <tr>{inside()}</tr>
      case 'tableHeader':
        return <th scope="col">{inside()}</th>
      case 'tableCell':
        return <td>{inside()}</td>
      case 'doc':
        return inside()
    }
  }
  return <>{drawn(page, false)}</>
}

/** Headings of a note stand under those of what it belongs to. */
function headed(level: number, words: ReactNode): ReactNode {
  if (level === 1) return <h3>{words}</h3>
  return level === 2 ? <h4>{words}</h4> : <h5>{words}</h5>
}

function marked(text: string, marks: readonly PageMark[]): ReactNode {
  return marks.reduceRight<ReactNode>((words, { type, attrs }) => {
    switch (type) {
      case 'bold':
        return <strong>{words}</strong>
      case 'italic':
        return <em>{words}</em>
      case 'strike':
        return <s>{words}</s>
      case 'code':
        return <code>{words}</code>
      case 'link':
        return attrs && isSafeLink(attrs.href) ? (
          <a href={attrs.href} target="_blank" rel="noopener noreferrer">
            {words}
          </a>
        ) : (
          words
        )
    }
  }, text)
}
