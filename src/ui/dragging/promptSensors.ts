// The hand as the drag and drop library feels it, drawn before it lets go. The library lays down where the hand was
// last drawn; a quick hand on a busy machine is ahead of that, and what it carried would be put back.
import { MouseSensor as PlainMouse, TouchSensor as PlainTouch } from '@dnd-kit/core'
import { flushSync } from 'react-dom'

type MouseProps = ConstructorParameters<typeof PlainMouse>[0]
type TouchProps = ConstructorParameters<typeof PlainTouch>[0]

/** What waits to be drawn after a move: the move, what was measured for it, what it is over, and that told. */
const passes = 4

function drawn<P extends MouseProps | TouchProps>(props: P): P {
  let last: Parameters<P['onMove']>[0] | null = null
  return {
    ...props,
    onStart: (at) => flushSync(() => props.onStart(at)),
    onMove: (at) => {
      last = at
      props.onMove(at)
    },
    onEnd: () => {
      const at = last
      if (at) for (let pass = 0; pass < passes; pass++) flushSync(() => props.onMove(at))
      props.onEnd()
    },
  }
}

export class MouseSensor extends PlainMouse {
  constructor(props: MouseProps) {
    super(drawn(props))
  }
}

export class TouchSensor extends PlainTouch {
  constructor(props: TouchProps) {
    super(drawn(props))
  }
}
