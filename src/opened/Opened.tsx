// What is opened or chosen. The only door to this folder: what stands behind two doors would load at the start.
import type { OpenableId } from '@/held/useOpened'
import { OpenedPane } from './OpenedPane'
import { OpenedSheet } from './OpenedSheet'

export { ChosenTogether } from './chosen/ChosenTogether'
export { PageLists } from './PageLists'
export { HabitStrip } from './HabitStrip'
export { PaceLine } from './project/PaceLine'
export { EditText } from '@/parts/text/EditText'

/** The one thing opened: beside the station on a wide page, over it on a phone. */
export function Opened({ id, over }: { id: OpenableId; over: boolean }) {
  return over ? <OpenedSheet id={id} /> : <OpenedPane id={id} />
}
