import { isWaitingOrBlocked } from '@/core/action'
import type { Document } from '@/core/journal'
import type { Action, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import type { Tone } from '@/ui'
import { blockedWords, nearDate, stateWords, waitingWords } from '@/words'

/** What comes next in a project, in a line: its next action, or that it rests or has none. */
export function nextWords(
  { state, notUntil }: Pick<Project, 'state' | 'notUntil'>,
  action: Action | undefined,
  document: Document,
  today: CalendarDate,
): { readonly words: string; readonly tone: Tone } {
  if (state === 'notNow')
    return {
      words: notUntil ? `${stateWords.notNow} until ${nearDate(notUntil, today)}` : stateWords.notNow,
      tone: 'plum',
    }
  if (state !== 'open') return { words: stateWords[state], tone: 'inkSoft' }
  if (!action) return { words: 'no next action', tone: 'clay' }
  if (action.waiting) return { words: waitingWords(action, document, today), tone: 'slate' }
  const held = blockedWords(action, document)
  if (held) return { words: `${action.title}, ${held}`, tone: 'slate' }
  const later = action.notBefore && action.notBefore > today ? action.notBefore : null
  return later
    ? { words: `${action.title}, not before ${nearDate(later, today)}`, tone: 'ink' }
    : { words: action.title, tone: isWaitingOrBlocked(action) ? 'slate' : 'ink' }
}
