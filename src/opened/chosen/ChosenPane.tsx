// The frame of what is chosen together: how many, what is said of them, what can be done with all of them.
import { useEffect, type ReactNode } from 'react'
import type { Id } from '@/core/record'
import { Button, Column, IconButton, Row, Words } from '@/ui'
import { desk } from '@/held/desk'
import { useAct } from '@/held/zen'
import { selectedId } from './useKeysOnAll'

export const leaveChosen = (): void => desk.getState().chooseNone()

/** What was done to all of them ends the choice; what was refused leaves it. */
export function leaveAfter(outcome: { readonly ok: boolean }): void {
  if (outcome.ok) leaveChosen()
}

/** Where all that was chosen has been removed meanwhile, perhaps by another tab, the dock comes back. */
export function useLeaveEmpty(isEmpty: boolean): void {
  useEffect(() => {
    if (isEmpty) leaveChosen()
  }, [isEmpty])
}

/** Lays all of them aside for the review. */
export function AllAside({
  ids,
  together,
}: {
  readonly ids: readonly (Id<'slip'> | Id<'action'>)[]
  readonly together: string
}) {
  const act = useAct()
  return (
    <Button
      kind="quiet"
      label="Keep for the review"
      onPress={() => leaveAfter(act('layAside', { ids }, { say: `Kept for the review: ${together}` }))}
    />
  )
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
      id={selectedId}
      role="region"
      aria-label="Selected"
      gap="$2"
      padding="$3"
      width="100%"
      maxWidth={900}
      alignSelf="center"
      borderTopWidth={1}
      borderColor="$rule"
    >
      <Row justifyContent="space-between">
        <Words strong>{together} selected</Words>
        <IconButton label="Select none" icon="close" onPress={leaveChosen} />
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
