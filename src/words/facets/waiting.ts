import { isOpen } from '@/core/action'
import { waitingWords as inWords } from '../action'
import { nearDate, shortDate } from '../dates'
import { chip, type FacetWords, type Sayable } from './facetWords'

const isFree = ({ waiting }: Sayable): boolean => waiting === null

export const waitingWords: FacetWords<
  'waiting' | 'signOff' | 'since' | 'chase',
  'waiting' | 'since' | 'chase',
  'waiting',
  'waiting'
> = {
  settings: {
    waiting: { name: 'Waiting for', offered: 'waiting for', isOffered: isFree, isOfSeveral: true },
    signOff: { name: 'Waiting for sign-off', offered: 'sign-off', isOffered: isFree },
    since: { name: 'Waiting since' },
    chase: {
      name: 'Chase on',
      offered: 'chase on',
      isOffered: ({ waiting }) => waiting !== null && waiting.chaseOn === null,
    },
  },
  clauses: {
    waiting: { words: ({ name, whom }) => `waiting for ${name?.name ?? whom}`, opens: 'waiting' },
    since: { words: ({ date }, today) => `since ${shortDate(date, today)}`, opens: 'since' },
    chase: { words: ({ date }, today) => `chase ${shortDate(date, today)}`, opens: 'chase' },
  },
  fields: { waiting: 'waiting for' },
  none: 'waiting for nobody',
  chips: ({ waiting }, { document, today }) =>
    waiting
      ? [
          ...chip(
            waiting.toSignOff ? 'signOff' : 'waiting',
            inWords({ waiting: { ...waiting, chaseOn: null } }, document, today),
          ),
          ...chip('chase', waiting.chaseOn && `chase ${nearDate(waiting.chaseOn, today)}`),
        ]
      : [],
  details: {
    waiting: {
      name: 'Waiting for',
      words: (action, { document, today }) => (isOpen(action) ? inWords(action, document, today) : ''),
      isSet: ({ waiting }) => waiting !== null,
      opens: 'waiting',
    },
  },
}
