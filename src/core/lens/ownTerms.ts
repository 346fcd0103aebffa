// What a lens knows of an action that no sentence sets: where its shelf belongs, its title and note, what has become of
// it, and what belongs to it.
import { isCarriedOver, isHidden, isWaitingOrBlocked } from '../action'
import { sides, type Action } from '../record'
import { addDays } from '../time'
import { byPeriod, counted, state } from './asking'
import type { LensAround, LensTerms, Matches } from './lensTerms'

/** Days since something happened: so many days ago, today counted as none. */
const since =
  (happenedAt: (action: Action) => number) =>
  (around: LensAround, number: number, atMost: boolean): Matches => {
    const from = around.startOf(addDays(around.today, -number))
    return (action) => (atMost ? happenedAt(action) >= from : happenedAt(action) < from)
  }

export const ownTerms: LensTerms = {
  texts: [({ title }) => title, ({ note }) => note],
  means: {
    started: state('underway'),
    'no steps': state('withSteps', true),
    'with notes': state('withNote'),
    'no note': state('withNote', true),
    'no notes': state('withNote', true),
    'no files': state('withFiles', true),
    'with a file': state('withFiles'),
    new: counted('age', 7, true),
    old: counted('age', 30, false),
    untouched: counted('untouched', 30, false),
    'not looked at': counted('untouched', 30, false),
    'moved once': counted('moved', 1, false),
    'moved twice': counted('moved', 2, false),
    'moved often': counted('moved', 3, false),
    moved: counted('moved', 1, false),
    done: counted('doneWithin', 7, true),
    'done lately': counted('doneWithin', 14, true),
    'done today': counted('doneWithin', 0, true),
  },
  askFirst: byPeriod(
    [/^(?:older than|made over|set down over) (.+?)(?: ago)?$/, (days) => counted('age', days, false)],
    [/^(?:made|set down) (?:in|within) (?:the last |the past )?(.+)$/, (days) => counted('age', days, true)],
    [
      /^(?:untouched|not looked at|never looked at|not touched|unchanged) (?:for|in) (?:the last )?(.+)$/,
      (days) => counted('untouched', days, false),
    ],
    [/^done (?:in|within) (?:the last |the past )?(.+)$/, (days) => counted('doneWithin', days, true)],
  ),
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
      matches:
        ({ today, shelfOf }) =>
        (action) =>
          !isWaitingOrBlocked(action) &&
          !isHidden(action, today) &&
          action.horizon !== 'someday' &&
          !shelfOf(action).isResting,
      words: ['ready', 'not ready'],
    },
    carriedOver: {
      matches:
        ({ today }) =>
        (action) =>
          isCarriedOver(action, today),
      words: ['carried over', 'not carried over'],
    },
    underway: {
      matches:
        () =>
        ({ startedAtEpochMs }) =>
          startedAtEpochMs !== null,
      words: ['underway', 'not underway'],
    },
    withSteps: {
      matches:
        ({ hasSteps }) =>
        ({ id }) =>
          hasSteps(id),
      words: ['with steps', 'without steps'],
    },
    withNote: {
      matches:
        () =>
        ({ note }) =>
          note !== '',
      words: ['with a note', 'without a note'],
    },
    withFiles: {
      matches:
        ({ hasFiles }) =>
        ({ id }) =>
          hasFiles(id),
      words: ['with files', 'without files'],
    },
  },
  counts: {
    moved: {
      matches:
        (_, number, atMost) =>
        ({ moved }) =>
          atMost ? moved.length <= number : moved.length >= number,
      atLeast: 'moved # or more',
      atMost: 'moved # at most',
      noun: 'time',
    },
    age: {
      matches: since(({ createdAtEpochMs }) => createdAtEpochMs),
      atLeast: 'older than #',
      atMost: 'made within #',
      noun: 'day',
    },
    untouched: {
      matches: (around, number, atMost) => since(around.touchedAt)(around, number, atMost),
      atLeast: 'untouched for #',
      atMost: 'touched within #',
      noun: 'day',
    },
    doneWithin: {
      matches: (around, number) => {
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
