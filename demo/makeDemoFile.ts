import { toStoreFile } from '@/core/exchange'
import { calendarDateUnsafe } from '@/core/time'
import { makeDemo } from './makeDemo'

/** The demo data as the text of a store file. */
export function makeDemoFile({
  today,
  zone,
  nowEpochMs,
}: {
  today: string
  zone: string
  nowEpochMs: number
}): string {
  const { document, changes } = makeDemo({ today: calendarDateUnsafe(today), zone, nowEpochMs })
  return toStoreFile(document, changes, nowEpochMs)
}
