import { recordIn, type Document } from '@/core/journal'
import { defaultSettings, type KeptSettings, type Settings } from '@/core/record'

/** What holds: what the person has set, over what holds until they do. */
export function settingsIn(document: Document): Settings {
  const { id: _, freeMinutes, ...kept } = recordIn(document, 'settings:main') ?? ({} as Partial<KeptSettings>)
  const free = defaultSettings.freeMinutes.map(
    (minutes, weekday) => freeMinutes?.[String(weekday)] ?? minutes,
  )
  return { ...defaultSettings, ...kept, freeMinutes: free }
}

/** As it is kept: free minutes weekday by weekday, so that two copies that each set a day keep both. */
export const toKept = ({ freeMinutes, ...rest }: Partial<Settings>): Partial<KeptSettings> => ({
  ...(rest as Partial<KeptSettings>),
  ...(freeMinutes
    ? { freeMinutes: Object.fromEntries(freeMinutes.map((minutes, weekday) => [String(weekday), minutes])) }
    : {}),
})
