// What is said of files and letters on their way in.
import type { Letter, LetterFault } from '@/core/letter'
import type { Person } from '@/core/record'
import type { NewSlip } from '@/state'
import { count, fileSize } from './counts'
import { shortened } from './names'

export const tooLargeWords = (name: string, bytes: number, limitBytes: number): string =>
  `“${shortened(name)}” is ${fileSize(bytes)}; the most is ${fileSize(limitBytes)}. Add a smaller one, or a link to it.`

export const noRoomWords = (name: string): string =>
  `This browser has no room for “${shortened(name)}”. It was not added. Delete a file or free some disk space, then try again.`

export function brokenLetterWords(name: string, fault: LetterFault): string {
  const called = `“${shortened(name)}”`
  switch (fault.kind) {
    case 'notALetter':
      return `${called} doesn’t look like an e-mail. It was added as a file.`
    case 'broken':
      return `${called} is an e-mail I can’t read. It was added as a file.`
    case 'tooLarge':
      return `${called} is ${fileSize(fault.bytes)}; the most for an e-mail is ${fileSize(fault.limitBytes)}. Save its files and add those.`
  }
}

export function leftOutWords(name: string, left: Letter['left']): string {
  const what = [
    left.files > 0 ? count(left.files, 'file') : null,
    left.isTextCut ? 'the end of its text' : null,
  ]
  return `“${shortened(name)}” is more than a slip can hold. The rest (${what.filter(Boolean).join(' and ')}) is in the e-mail itself, which is attached.`
}

/** A letter as a slip: the subject is the sentence, who sent it and what it says the note. */
export function letterSlip(letter: Letter, people: readonly Person[]): NewSlip {
  const { subject, from, text } = letter
  const sender = from?.name || from?.address || ''
  const known = people.filter(({ name }) => name.toLowerCase() === from?.name.toLowerCase())
  const head = from ? `From ${from.name ? `${from.name} <${from.address}>` : from.address}` : ''
  const [first] = text.split('\n')
  return {
    text: subject || first?.slice(0, 200).trim() || (sender ? `E-mail from ${sender}` : 'E-mail'),
    note: [head, text].filter((part) => part !== '').join('\n\n'),
    personIds: known.length === 1 ? known.map(({ id }) => id) : [],
  }
}
