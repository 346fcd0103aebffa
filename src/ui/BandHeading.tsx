import type { ReactNode } from 'react'
import { Hairline, Row } from './layout'
import type { Tone } from './tokens'
import { Words } from './Words'

/** Small capitals, a hairline to the edge, the count and sum at its end. */
export function BandHeading({
  id,
  title,
  end,
  tone = 'inkSoft',
  before,
  children,
}: {
  id?: string
  title: string
  end?: string
  tone?: Tone
  /** A seal before the title. */
  before?: ReactNode
  children?: ReactNode
}) {
  return (
    <Row gap="$2.5" paddingTop="$4" paddingBottom="$2" minHeight={40}>
      {before}
      <Words render="h2" id={id} size="caps" tone={tone} className="clamped two" flexShrink={1} minWidth={0}>
        {title}
      </Words>
      <Hairline />
      {children}
      {end ? (
        <Words size="second" tone="inkSoft">
          {end}
        </Words>
      ) : null}
    </Row>
  )
}
