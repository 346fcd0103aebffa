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
  letters: 'The seal',
  aim: 'The aim',
  remark: 'The remark',
  link: 'The link',
  fact: 'The fact',
  label: 'The label',
  role: 'What they do',
}

export function refusalWords(refusal: Refusal): string {
  switch (refusal.kind) {
    case 'notFound':
      return 'That is no longer here. It may have been removed in another tab.'
    case 'empty':
      return `${fieldNames[refusal.field] ?? 'It'} needs at least one word.`
    case 'tooLong':
      if (refusal.field === 'letters') return 'The seal has room for two letters or one emoji.'
      return `${fieldNames[refusal.field] ?? 'It'} is longer than ${refusal.limit.toLocaleString('en-GB')} characters. Shorten it, or put the rest in a note.`
    case 'nameTaken':
      return `“${refusal.name}” is there already. Choose another name.`
    case 'badLink':
      return 'This is not a link to a calendar. Paste one that begins with https:// or webcal://.'
    case 'linkTaken':
      return `You have this calendar already: “${shortened(refusal.name)}”.`
    case 'underwayFull':
      return `${count(refusal.limit, 'action')} ${refusal.limit === 1 ? 'is' : 'are'} underway, as many as you allow. Pause or finish one first.`
    case 'openInside':
      return 'Something in this project is open. Say where it goes first.'
    case 'notOneAction':
      return `Only a project with one open action can shrink to it. This one has ${refusal.count === 0 ? 'none' : count(refusal.count, 'open action')}.`
    case 'tooMany':
      return `There can be at most ${refusal.limit.toLocaleString('en-GB')} steps here. Keep the rest in a file or a note.`
    case 'nestedTooDeep':
      return `Parts can be at most ${refusal.limit} levels deep. Put it further up.`
    case 'tooManyStages':
      return `There can be at most ${refusal.limit} stages. Delete one first.`
    case 'ring':
      return `These would wait for each other: ${refusal.way.map((title) => `“${shortened(title)}”`).join(' after ')}. Choose another one.`
    case 'withinItself':
      return `It would be a part of itself: ${refusal.way.map((title) => `“${shortened(title)}”`).join(' in ')}. Choose another one.`
    case 'lastOccurrence':
      return 'This is the last one. Tick it, or let it go.'
    case 'repeats':
      return 'A step cannot repeat. Remove the repeat first.'
    case 'hasParts':
      return 'It has parts. Move them elsewhere first, or make each a project of its own.'
    case 'endsFirst':
      return 'It would be due before it begins. Choose a later due date.'
    case 'neverComes':
      return 'No day fits this rule. Choose another day or month.'
    case 'notYet':
      return 'Zen Tray is still starting. Try again in a moment.'
    case 'nothingToDo':
      return 'Nothing changed.'
    case 'unfit':
      return `${fieldNames[refusal.field] ?? 'Something'} cannot be saved like this. Change it and try again.`
    case 'readOnly':
      return 'A newer version of Zen Tray has saved data here. This one can only read it. Reload the page to get the newer one.'
    default:
      return assertNever(refusal)
  }
}
