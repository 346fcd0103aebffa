// What is said of files and letters on their way in.
import type { Letter, LetterFault } from '@/core/letter'
import type { Person } from '@/core/record'
import type { NewSlip } from '@/state'
import { count, fileSize } from './counts'
import { shortened } from './names'

export const tooLargeWords = (name: string, bytes: number, limitBytes: number): string =>
  `“${shortened(name)}” has ${fileSize(bytes)}: more than ${fileSize(limitBytes)} is not kept here. It stays where it is.`

export const noRoomWords = (name: string): string =>
  `There is no room left for “${shortened(name)}” in this browser. It was not kept; nothing else was changed.`

export function brokenLetterWords(name: string, fault: LetterFault): string {
  const called = `“${shortened(name)}”`
  switch (fault.kind) {
    case 'notALetter':
      return `${called} does not read as a letter. It lies here as a file.`
    case 'broken':
      return `${called} is a letter that cannot be read. It lies here as a file.`
    case 'tooLarge':
      return `${called} has ${fileSize(fault.bytes)}: letters of more than ${fileSize(fault.limitBytes)} are not read. It stays where it is.`
  }
}

export function leftOutWords(name: string, left: Letter['left']): string {
  const what = [
    left.files > 0 ? count(left.files, 'file') : null,
    left.isTextCut ? 'the end of its text' : null,
  ]
  return `“${shortened(name)}” holds more than a slip does: ${what.filter(Boolean).join(' and ')} can be found in the letter itself, which lies with the slip.`
}

/** A letter as a slip: the subject is the sentence, who sent it and what it says the note. */
export function letterSlip(letter: Letter, people: readonly Person[]): NewSlip {
  const { subject, from, text } = letter
  const sender = from?.name || from?.address || ''
  const known = people.filter(({ name }) => name.toLowerCase() === from?.name.toLowerCase())
  const head = from ? `From ${from.name ? `${from.name} <${from.address}>` : from.address}` : ''
  const [first] = text.split('\n')
  return {
    text: subject || first?.slice(0, 200).trim() || (sender ? `Letter from ${sender}` : 'Letter'),
    note: [head, text].filter((part) => part !== '').join('\n\n'),
    personIds: known.length === 1 ? known.map(({ id }) => id) : [],
  }
}
