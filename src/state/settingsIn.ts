import { recordIn, type Document } from '@/core/journal'
import { defaultSettings, type Settings } from '@/core/record'

/** What holds: what the person has set, over what holds until they do. */
export const settingsIn = (document: Document): Settings => ({
  ...defaultSettings,
  ...recordIn(document, 'settings:main'),
})
