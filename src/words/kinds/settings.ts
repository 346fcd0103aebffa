import type { KindWords } from './kindWords'

export const settings: KindWords<'settings'> = {
  singular: 'the settings',
  plural: 'the settings',
  fields: {
    availableMinutes: 'available minutes',
    dayStartsAtMinute: 'the day starts',
    dayEndsAtMinute: 'the day ends',
    workingHours: 'working hours',
    privateHours: 'private hours',
    privateMinutes: 'available private minutes',
    weekStartsOn: 'the week begins',
    underwayLimit: 'how many underway',
    hideDoneSteps: 'finished steps hidden',
    asksForBackup: 'asks for a backup',
    dayNoteBegins: 'what a day note begins with',
    keys: 'keys',
  },
}
