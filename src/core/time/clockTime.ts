// A time of day as text, `14:30`, and as a minute of the day.
declare const brand: unique symbol

/** `00:00` to `23:59`. `<` and `>` compare it correctly. */
export type ClockTime = string & { readonly [brand]: 'ClockTime' }

export const isClockTime = (text: unknown): text is ClockTime =>
  typeof text === 'string' && /^([01]\d|2[0-3]):[0-5]\d$/.test(text)

export const toMinute = (time: ClockTime): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3))

/** From a minute of the day, 0-1439. */
export const fromMinute = (minute: number): ClockTime =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}` as ClockTime
