// What stands in the editor, as the plain nodes a note is written from. A node that has not changed is the same node:
// only what is under the hand is written down again.
import weakMemoize from '@emotion/weak-memoize'
import type { Node } from '@tiptap/pm/model'
import type { PageMark, PageNode } from '@/core/note/pageOf'

export const toPage = weakMemoize((node: Node): PageNode => {
  const marks = node.marks.map(({ type, attrs }) => ({ type: type.name, attrs }) as unknown as PageMark)
  return node.isText
    ? { type: 'text', text: node.text ?? '', marks }
    : {
        type: node.type.name as PageNode['type'],
        attrs: node.attrs,
        content: node.content.content.map(toPage),
      }
})
