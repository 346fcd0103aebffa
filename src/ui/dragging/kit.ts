// The drag and drop library, behind the one door of useDragKit: reached from two chunks it would load at the start.
export {
  closestCenter,
  DndContext,
  DragOverlay,
  KeyboardSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
export { CSS } from '@dnd-kit/utilities'
export { MouseSensor, TouchSensor } from './promptSensors'
