// How keeping goes, and what is said when it does not.
import { assertNever } from '@/core/invariant'
import { type AppErrorCode, type Keeping } from '@/state'
import { count } from './counts'

export function keepingWords(keeping: Extract<Keeping, { kind: 'failed' }>): string {
  const waiting = `${count(keeping.waiting, 'change')} ${keeping.waiting === 1 ? 'is' : 'are'} not saved yet and will be lost if you close the page.`
  switch (keeping.code) {
    case 'storageFull':
      return `The browser has no room left. ${waiting} Make room, then try again.`
    case 'storageBlocked':
      return `The browser does not let Zen Tray save anything here. ${waiting}`
    case 'storageFailed':
      return `Saving failed. ${waiting}`
    default:
      return assertNever(keeping.code)
  }
}

/** What is said of a saved file: whether all of it was in reach. */
export function savedWords({
  records,
  history,
  files,
}: {
  records: boolean
  history: boolean
  files: boolean
}): {
  text: string
  isPartial: boolean
} {
  if (!records)
    return {
      text: 'Saved what is on the screen. Earlier data could not be read and is not in the file.',
      isPartial: true,
    }
  if (!history)
    return {
      text: 'Saved. Every record is in the file; part of its history could not be read and is not.',
      isPartial: true,
    }
  if (!files)
    return {
      text: 'Saved. Every record is in it; files that could not be read are not.',
      isPartial: true,
    }
  return { text: 'Saved to a file. Keep it somewhere safe.', isPartial: false }
}

/** What was kept before cannot be read now. */
export function unreadWords(code: AppErrorCode): string {
  const meanwhile = 'Your earlier data is not on the screen. What you do now is saved next to it.'
  switch (code) {
    case 'storageFull':
      return `The browser has no room left and could not read your data. ${meanwhile}`
    case 'storageBlocked':
      return `The browser does not let Zen Tray save anything here. ${meanwhile}`
    case 'storageFailed':
      return `Your data could not be read. ${meanwhile}`
    default:
      return assertNever(code)
  }
}

/** A part of the application that loads later did not. */
export const notLoadedWords =
  'A part of Zen Tray did not load. Check your connection; it is tried again by itself.'
