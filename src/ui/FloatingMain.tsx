// The main button of a station whose list goes on under it: above the dock of a phone, in the middle, beside the
// column of tick boxes and under the thumb of either hand. The page leaves room for it at its end.
import type { ReactNode } from 'react'
import { Row } from './layout'

export const FloatingMain = ({ children }: { children: ReactNode }) => (
  <Row
    className="no-print"
    position={'fixed' as 'absolute'}
    left={0}
    right={0}
    justifyContent="center"
    zIndex={10}
    // What lies beside it can be pressed.
    style={{ bottom: 'calc(var(--foot, 0px) + 14px)', pointerEvents: 'none' }}
  >
    <div style={{ pointerEvents: 'auto' }}>{children}</div>
  </Row>
)
