// What is pasted into the capture line: files, a link with its words, a list to choose from, a text too long for one.
import { longestPaste, mostLines } from '@/core/setdown/thought'
import { desk } from '@/held/desk'
import { count } from '@/words'
import { clippedLink, clippedText, linesIn } from './clipped'

export interface PastingInto {
  readonly importFiles: (files: readonly File[]) => void
  /** Writes words where the cursor is. */
  readonly insert: (words: string) => void
  /** Offers lines as a list of slips. */
  readonly offerList: (words: string) => void
}

/** Plain words of one line are left to the browser. */
export const pasting =
  ({ importFiles, insert, offerList }: PastingInto) =>
  (event: React.ClipboardEvent): void => {
    const clipped = event.clipboardData
    if (clipped.files.length > 0) {
      event.preventDefault()
      return importFiles([...clipped.files])
    }
    const link = clippedLink(clipped)
    const words = link ?? clippedText(clipped)
    const lines = linesIn(words)
    if (lines <= 1 && !link && words.length <= longestPaste) return
    event.preventDefault()
    if (link) return insert(link)
    if (lines <= mostLines && words.length <= longestPaste) return offerList(words)
    importFiles([new File([words], 'pasted.txt', { type: 'text/plain' })])
    desk.getState().tell(`${count(lines, 'line')} are too long for a list. They are attached as a file.`)
  }
