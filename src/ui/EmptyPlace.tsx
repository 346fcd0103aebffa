import type { ReactNode } from 'react'
import { Column } from './layout'
import { Words } from './Words'

/** Says what belongs here, and offers the one act that fills it. */
export function EmptyPlace({ says, children }: { says: string; children?: ReactNode }) {
  return (
    <Column
      alignItems="flex-start"
      gap="$3.5"
      paddingVertical="$5.5"
      paddingHorizontal="$4.5"
      borderWidth={1}
      borderStyle="dashed"
      borderColor="$edge"
      borderRadius={3}
    >
      <Words tone="inkSoft" maxWidth={460}>
        {says}
      </Words>
      {children}
    </Column>
  )
}
