/** The mark in the id of every record of the demo data. */
export const demoMark = 'demo-'
