// The frame of what is chosen together: how many, what is said of them, what can be done with all of them.
import { useEffect, type ReactNode } from 'react'
import { Column, IconButton, Row, Words } from '@/ui'
import { desk } from '@/held/desk'

export const leaveChosen = (): void => desk.getState().chooseNone()

/** Where all that was chosen has been removed meanwhile, perhaps by another tab, the dock comes back. */
export function useLeaveEmpty(isEmpty: boolean): void {
  useEffect(() => {
    if (isEmpty) leaveChosen()
  }, [isEmpty])
}

export function ChosenPane({
  together,
  acts,
  main,
  children,
}: {
  /** "3 actions" */
  readonly together: string
  readonly acts: ReactNode
  readonly main: ReactNode
  readonly children: ReactNode
}) {
  return (
    <Column
      role="region"
      aria-label="Chosen together"
      gap="$2"
      padding="$3"
      width="100%"
      maxWidth={900}
      alignSelf="center"
      borderTopWidth={1}
      borderColor="$rule"
    >
      <Row justifyContent="space-between">
        <Words strong>{together} chosen</Words>
        <IconButton label="Choose none" icon="close" onPress={leaveChosen} />
      </Row>
      {children}
      <Row justifyContent="space-between" gap="$2">
        <Row flexWrap="wrap" flexShrink={1}>
          {acts}
        </Row>
        {main}
      </Row>
    </Column>
  )
}
