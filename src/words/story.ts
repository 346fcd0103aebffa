// The history of a thing in one sentence.
import type { ActKind, Story } from '@/core/journal/story'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { count } from './counts'
import { nearDate } from './dates'

export const actKindWords: Readonly<Record<ActKind, string>> = {
  dates: 'Dates',
  waiting: 'Waiting',
  words: 'Words',
  state: 'State',
  other: 'Other',
}

const dayMs = 86_400_000

/** "Set up Mon 2 Mar, moved three times, waited 12 days, done yesterday." */
export function storyWords(story: Story, zone: string, today: CalendarDate): string {
  const on = (epochMs: number) => nearDate(localMomentAt(epochMs, zone).date, today)
  const { begunAtEpochMs, moved, waitedMs, ended } = story
  const days = Math.round(waitedMs / dayMs)
  const times = ['', 'once', 'twice', 'three times'][moved] ?? count(moved, 'time')
  const parts = [
    begunAtEpochMs === null ? null : `set up ${on(begunAtEpochMs)}`,
    moved > 0 ? `moved ${times}` : null,
    days > 0 ? `waited ${count(days, 'day')}` : null,
    ended ? `${ended.as === 'done' ? 'done' : 'let go'} ${on(ended.atEpochMs)}` : null,
  ].filter((part) => part !== null)
  const said = parts.join(', ')
  return said === '' ? '' : `${said.charAt(0).toUpperCase()}${said.slice(1)}.`
}
