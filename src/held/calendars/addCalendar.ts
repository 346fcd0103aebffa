// A calendar that is new here: from a file, or from a link that is tried before it is kept.
import { feedLinkFrom } from '@/core/calendar/feed'
import { calendarLimitBytes } from '@/core/calendar/limits'
import { idOf } from '@/core/journal'
import { titleLimit, type Id } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { Act, ZenParts } from '@/held/zen'
import { refusalWords, shortened } from '@/words'
import { calendarFaultWords } from '@/words/calendars'
import { engineOf } from './engine'

/** Where it cannot be added, a sentence says why and what to do. */
type Added = Result<Id<'calendar'>, string>
type Fault = Parameters<typeof calendarFaultWords>[0]
const cannot = (fault: Fault) => refuse(calendarFaultWords(fault))

/** Nothing of what is only tried stays. */
const trial = 'trial'

const addedWords = (name: string): string => `Calendar added: ${shortened(name)}`
const named = (text: string): string => text.trim().slice(0, titleLimit)
const addedBy = (outcome: ReturnType<Act>): Added => {
  if (!outcome.ok) return refuse(refusalWords(outcome.error))
  const [part] = outcome.value
  return ok((part ? idOf(part) : '') as Id<'calendar'>)
}

/** It is called as it calls itself, else as its file is called. */
export async function addCalendarFile(zen: ZenParts, act: Act, file: File): Promise<Added> {
  if (file.size > calendarLimitBytes) return cannot({ kind: 'tooLarge' })
  const { ask } = engineOf(zen)
  const read = await ask.read(trial, new Uint8Array(await file.arrayBuffer()))
  void ask.forget(trial)
  if (!read.ok) return cannot(read.error)
  let blob
  try {
    blob = await (await zen.blobs()).put(file)
  } catch {
    return cannot({ kind: 'noRoom' })
  }
  const name = named(read.value.name) || named(file.name.replace(/\.ics$/i, '')) || 'Calendar'
  const readAtEpochMs = zen.clock.nowEpochMs()
  return addedBy(
    act('addCalendar', { name, link: null, blob, readAtEpochMs }, { atField: true, say: addedWords(name) }),
  )
}

const hostOf = (link: string): string => /^https?:\/\/(?:[^/@]*@)?([^/:?#]+)/i.exec(link)?.[1] ?? 'Calendar'

/** It is kept only where it can be read now. It is called as it calls itself, else as where it comes from. */
export async function addCalendarLink(zen: ZenParts, act: Act, written: string): Promise<Added> {
  const link = feedLinkFrom(written)
  if (link === null) return cannot({ kind: 'badLink' })
  const { ask, fetched } = engineOf(zen)
  const answer = await fetched(link)
  if (!answer.ok) return cannot(answer.error)
  const read = await ask.read(trial, new Uint8Array(answer.value.bytes ?? new ArrayBuffer(0)))
  void ask.forget(trial)
  if (!read.ok) return cannot(read.error)
  const name = named(read.value.name) || hostOf(link)
  return addedBy(act('addCalendar', { name, link }, { atField: true, say: addedWords(name) }))
}
