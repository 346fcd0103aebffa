/** The version in which records and changes are written now. */
export const currentVersion = 11
