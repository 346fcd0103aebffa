// The one thing opened: beside the station on a wide page, over it on a phone. The only door to this folder: what stands
// behind two doors would load at the start.
import { OpenedPane } from './OpenedPane'
import { OpenedSheet } from './OpenedSheet'
import type { OpenableId } from '@/held/useOpened'

export default function Opened({ id, over }: { id: OpenableId; over: boolean }) {
  return over ? <OpenedSheet id={id} /> : <OpenedPane id={id} />
}
