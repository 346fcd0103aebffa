// A label at the left, and what it labels: the one shape of a labelled row.
import type { ReactNode } from 'react'
import { Row } from './layout'
import { Words } from './Words'

const labelWidth = 76

/** The label is for the eye: what stands in the row names itself for the ear. */
export const Labelled = ({ label, children }: { label: string; children: ReactNode }) => (
  <Row gap="$2" alignItems="flex-start" flexShrink={1} maxWidth="100%">
    <Words size="second" tone="inkSoft" width={labelWidth} flexShrink={0} paddingTop="$2.5" aria-hidden>
      {label}
    </Words>
    {children}
  </Row>
)
