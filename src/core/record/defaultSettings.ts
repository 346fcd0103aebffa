import type { KeptSettings, Settings } from './shapes'

/** What holds until the person sets something else: five available hours on working days. */
export const defaultSettings: Settings = {
  availableMinutes: [300, 300, 300, 300, 300, 120, 60],
  dayStartsAtMinute: 480,
  dayEndsAtMinute: 1080,
  workingHours: {},
  privateHours: {},
  privateMinutes: {},
  weekStartsOn: 0,
  underwayLimit: 3,
  hideDoneSteps: false,
  asksForBackup: true,
  dayNoteBegins: '',
  keys: {},
}

/** As it is kept: available minutes weekday by weekday, so that two copies that each set a day keep both. */
export const toKept = ({ availableMinutes, ...rest }: Partial<Settings>): Partial<KeptSettings> => ({
  ...(rest as Partial<KeptSettings>),
  ...(availableMinutes
    ? {
        availableMinutes: Object.fromEntries(
          availableMinutes.map((minutes, weekday) => [String(weekday), minutes]),
        ),
      }
    : {}),
})
