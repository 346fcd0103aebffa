import type { TextInputKeyPressEvent } from 'react-native'

/** The key of a press in a field, with what was held down: on the web the event is the browser's own. */
export function keyOf(event: TextInputKeyPressEvent) {
  const native = event.nativeEvent as unknown as KeyboardEvent
  return {
    pressed: native.key,
    isShift: native.shiftKey,
    isAlt: native.altKey,
    prevent: () => {
      event.preventDefault()
      event.stopPropagation()
    },
  }
}
