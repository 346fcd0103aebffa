// What a lens knows of an action that no sentence sets: where its shelf belongs, its title and note, what has become of
// it, and what belongs to it.
import { isCarriedOver, isHidden, isWaitingOrBlocked } from '../action'
import { sides, type Action } from '../record'
import { addDays } from '../time'
import type { LensAround, LensTerms, Takes } from './lensTerms'

/** Days since something happened: so many days ago, today counted as none. */
const since =
  (happenedAt: (action: Action) => number) =>
  (around: LensAround, number: number, atMost: boolean): Takes => {
    const from = around.startOf(addDays(around.today, -number))
    return (action) => (atMost ? happenedAt(action) >= from : happenedAt(action) < from)
  }

export const ownTerms: LensTerms = {
  choices: {
    side: {
      valuesOf:
        ({ shelfOf }) =>
        (action) =>
          shelfOf(action).side,
      scale: { values: { work: 'work', private: 'private', '': 'no side' } },
      isCostly: true,
    },
    group: {
      valuesOf:
        ({ shelfOf }) =>
        (action) =>
          shelfOf(action).groupId,
      named: { lead: 'in group', none: 'no group', some: 'with a group' },
      isCostly: true,
    },
  },
  states: {
    ready: {
      takes:
        ({ today, shelfOf }) =>
        (action) =>
          !isWaitingOrBlocked(action) &&
          !isHidden(action, today) &&
          action.horizon !== 'someday' &&
          !shelfOf(action).isResting,
      words: ['ready', 'not ready'],
    },
    carriedOver: {
      takes:
        ({ today }) =>
        (action) =>
          isCarriedOver(action, today),
      words: ['carried over', 'not carried over'],
    },
    underway: {
      takes:
        () =>
        ({ startedAtEpochMs }) =>
          startedAtEpochMs !== null,
      words: ['underway', 'not underway'],
    },
    withSteps: {
      takes:
        ({ hasSteps }) =>
        ({ id }) =>
          hasSteps(id),
      words: ['with steps', 'without steps'],
    },
    withNote: {
      takes:
        () =>
        ({ note }) =>
          note !== '',
      words: ['with a note', 'without a note'],
    },
    withFiles: {
      takes:
        ({ hasFiles }) =>
        ({ id }) =>
          hasFiles(id),
      words: ['with files', 'without files'],
    },
  },
  counts: {
    moved: {
      takes:
        (_, number, atMost) =>
        ({ moved }) =>
          atMost ? moved.length <= number : moved.length >= number,
      atLeast: 'moved # or more',
      atMost: 'moved # at most',
      noun: 'time',
    },
    age: {
      takes: since(({ createdAtEpochMs }) => createdAtEpochMs),
      atLeast: 'older than #',
      atMost: 'made within #',
      noun: 'day',
    },
    untouched: {
      takes: (around, number, atMost) => since(around.touchedAt)(around, number, atMost),
      atLeast: 'untouched for #',
      atMost: 'touched within #',
      noun: 'day',
    },
    doneWithin: {
      takes: (around, number) => {
        const from = around.startOf(addDays(around.today, -number))
        return ({ doneAtEpochMs }) => doneAtEpochMs !== null && doneAtEpochMs >= from
      },
      atLeast: null,
      atMost: 'done within #',
      noun: 'day',
    },
  },
  groups: {
    group: {
      word: 'group',
      keyOf:
        ({ shelfOf }) =>
        (action) =>
          shelfOf(action).groupId ?? '',
    },
    side: {
      word: 'side',
      scale: sides,
      keyOf:
        ({ shelfOf }) =>
        (action) =>
          shelfOf(action).side ?? '',
    },
  },
  sorts: {
    age: {
      keyOf:
        () =>
        ({ createdAtEpochMs }) =>
          createdAtEpochMs,
      words: ['age', 'newest first'],
    },
    moved: {
      keyOf:
        () =>
        ({ moved }) =>
          -moved.length,
      words: ['moved', 'least first'],
    },
    title: {
      keyOf:
        () =>
        ({ title }) =>
          title.toLowerCase(),
      words: ['title', 'backwards'],
    },
    done: {
      keyOf:
        () =>
        ({ doneAtEpochMs }) =>
          doneAtEpochMs && -doneAtEpochMs,
      words: ['when done', 'earliest first'],
    },
  },
}
