// What stands in the editor, as the plain nodes a note is written from. A node that has not changed is the same node:
// only what is under the hand is written down again.
import type { Node } from '@tiptap/pm/model'
import type { PageMark, PageNode } from '@/core/note/pageOf'

const known = new WeakMap<Node, PageNode>()

export function toPage(node: Node): PageNode {
  const found = known.get(node)
  if (found) return found
  const marks = node.marks.map(({ type, attrs }) => ({ type: type.name, attrs }) as unknown as PageMark)
  const page: PageNode = node.isText
    ? { type: 'text', text: node.text ?? '', marks }
    : {
        type: node.type.name as PageNode['type'],
        attrs: node.attrs,
        content: node.content.content.map(toPage),
      }
  known.set(node, page)
  return page
}
