// How long something takes, in ordinary English.
import { numberWords } from './numberWords'

const amount = '(\\d{1,4}(?:[.,]\\d{1,2})?|an?|one|two|three|four|five|six)'
const minutesForm = new RegExp(`^${amount} ?(?:m|min|mins|minutes?)$`)
const hoursForm = new RegExp(
  `^${amount} ?(?:h|hr|hrs|hours?)(?: ?(?:and )?(\\d{1,2}|a half)(?: ?(?:m|min|mins|minutes?))?)?$`,
)

const numberOf = (word: string): number => numberWords[word] ?? Number(word.replace(',', '.'))

/** Whole minutes, 1 to 43,200, meant by a phrase in lower case; null where it is no length. */
export function readLength(phrase: string): number | null {
  const minutes = minutesOf(phrase)
  return minutes !== null && minutes >= 1 && minutes <= 43_200 ? Math.round(minutes) : null
}

function minutesOf(phrase: string): number | null {
  if (/^half an? (?:hour|hr)$|^half hour$/.test(phrase)) return 30
  if (/^(?:a )?couple of hours$/.test(phrase)) return 120
  if (/^(?:an? )?hour and a quarter$/.test(phrase)) return 75
  if (/^(?:an? )?quarter of an hour$/.test(phrase)) return 15
  if (/^three quarters of an hour$/.test(phrase)) return 45
  const plain = minutesForm.exec(phrase)
  if (plain) return numberOf(plain[1] as string)
  const hours = hoursForm.exec(phrase)
  if (!hours) return null
  const rest = hours[2] === 'a half' ? 30 : Number(hours[2] ?? 0)
  return rest < 60 ? numberOf(hours[1] as string) * 60 + rest : null
}
