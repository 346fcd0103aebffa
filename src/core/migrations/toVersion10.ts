// Version 10: whatever a slip can become can lie in the review box too. What was kept before is as it was.
import { withNewFields } from './newFields'

export const { entry: entryToVersion10, change: changeToVersion10 } = withNewFields({})
