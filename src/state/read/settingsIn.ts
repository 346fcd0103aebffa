import { recordIn, type Document } from '@/core/journal'
import { defaultSettings, type KeptSettings, type Settings } from '@/core/record'
import { weekdays } from '@/core/record/scales'

/** What holds: what the person has set, over what holds until they do. */
export function settingsIn(document: Document): Settings {
  const {
    id: _,
    availableMinutes,
    ...kept
  } = recordIn(document, 'settings:main') ?? ({} as Partial<KeptSettings>)
  const available = defaultSettings.availableMinutes.map(
    (minutes, at) => availableMinutes?.[weekdays[at] as (typeof weekdays)[number]] ?? minutes,
  )
  return { ...defaultSettings, ...kept, availableMinutes: available }
}
