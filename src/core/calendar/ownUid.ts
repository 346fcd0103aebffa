/** What ends the UID of everything this program writes into a calendar. */
const ownEnd = '@zen-tray'

/** The UID of what something has in a calendar: the same each time it is written, so that it is replaced and not doubled. */
export const ownUid = (name: string, part: 'at' | 'due' | 'planned'): string => `${name}.${part}${ownEnd}`

export const isOwnUid = (uid: string): boolean => uid.endsWith(ownEnd)
