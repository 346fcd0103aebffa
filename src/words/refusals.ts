// Why something was not done.
import { assertNever } from '@/core/invariant'
import { type Refusal } from '@/state'
import { count } from './counts'
import { shortened } from './names'

const fieldNames: Record<string, string> = {
  text: 'The line',
  title: 'The title',
  name: 'The name',
  note: 'The note',
  outcome: 'The outcome',
  soThat: 'What it is for',
  endReason: 'The reason',
  limit: 'The limit',
  whom: 'Whom you wait for',
  stamp: 'The seal',
  aim: 'The aim',
  remark: 'The remark',
  link: 'The link',
}

export function refusalWords(refusal: Refusal): string {
  switch (refusal.kind) {
    case 'notFound':
      return 'That is no longer here. It may have been removed in another tab.'
    case 'empty':
      return `${fieldNames[refusal.field] ?? 'It'} needs at least one word.`
    case 'tooLong':
      if (refusal.field === 'stamp') return 'The seal has room for two letters or one emoji.'
      return `${fieldNames[refusal.field] ?? 'It'} is longer than ${refusal.limit.toLocaleString('en-GB')} characters. Shorten it, or put the rest in a note.`
    case 'nameTaken':
      return `“${refusal.name}” is there already.`
    case 'underwayFull':
      return `${count(refusal.limit, 'action')} ${refusal.limit === 1 ? 'is' : 'are'} underway, as many as you allow. Stop or finish one first.`
    case 'openInside':
      return 'Something in this project is open. Say where it goes first.'
    case 'notOneAction':
      return `Only a project with one open action shrinks to it; this one has ${refusal.count === 0 ? 'none' : count(refusal.count, 'open action')}.`
    case 'tooMany':
      return `No more than ${refusal.limit.toLocaleString('en-GB')} steps fit into one thing. Keep the rest as a file or in a note.`
    case 'nestedTooDeep':
      return `Parts can be at most ${refusal.limit} levels deep. Put it further up.`
    case 'tooManyStages':
      return `No more than ${refusal.limit} stages stand side by side. Leave one out first.`
    case 'ring':
      return `That would go round in a ring: ${refusal.way.map((title) => `“${shortened(title)}”`).join(' after ')}.`
    case 'withinItself':
      return `It would be a part of itself: ${refusal.way.map((title) => `“${shortened(title)}”`).join(' in ')}.`
    case 'lastTurn':
      return 'It does not come again after this one. Tick it, or let it go.'
    case 'repeats':
      return 'It repeats, and a step cannot. Take off the repeat first.'
    case 'hasParts':
      return 'It has parts. Lay them elsewhere first, or make one of them a project of its own.'
    case 'endsFirst':
      return 'It would be due before it begins. Nothing was changed.'
    case 'neverComes':
      return 'No day fits this rule. Choose another day or month.'
    case 'notYet':
      return 'Still starting up. Try it again in a moment.'
    case 'nothingToDo':
      return 'Nothing changed.'
    case 'unfit':
      return `${fieldNames[refusal.field] ?? 'Something'} cannot be kept like this. Nothing was changed.`
    case 'readOnly':
      return 'A newer version of Zen Tray has written here, so this one only reads. Reload the page to get the newer one.'
    default:
      return assertNever(refusal)
  }
}
