// The one door through which everything loads that nobody needs in the first moment and everybody soon after: the
// reader of sentences with the date and the rule library, and the acts of onDemand.ts.
export * as reader from '@/core/sentence/reader'
export { onDemand } from '../commands/onDemand'
