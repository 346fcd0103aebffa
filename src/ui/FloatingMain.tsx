// The main button of a station whose list goes on under it: above the dock of a phone, at the right, under the thumb. The
// page leaves room for it at its end.
import type { ReactNode } from 'react'
import { Row } from './layout'

export const FloatingMain = ({ children }: { children: ReactNode }) => (
  <Row
    className="no-print"
    position={'fixed' as 'absolute'}
    right={14}
    zIndex={10}
    style={{ bottom: 'calc(var(--foot, 0px) + 14px)' }}
  >
    {children}
  </Row>
)
