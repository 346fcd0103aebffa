// The way to the line from wherever it is not in sight: inside sheets and while sorting.
import { desk } from '@/held/desk'
import { IconButton } from '@/ui'

export const AddAThought = () => (
  <IconButton label="Add a thought" icon="tray" onPress={() => desk.getState().capture(true)} />
)
