/** The mark in the id of every record of the demo data. */
export const demoMark = 'demo-'
/** The copy that wrote it: the end of the timestamp of everything it has written. */
export const demoReplica = 'demo'
