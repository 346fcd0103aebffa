import type { ReactNode } from 'react'
import { Column } from './layout'
import { Words } from './Words'

/** Says what belongs here, and offers the one act that fills it. */
export function EmptyPlace({ says, children }: { says: string; children?: ReactNode }) {
  return (
    <Column
      alignItems="flex-start"
      gap={14}
      paddingVertical={22}
      paddingHorizontal={18}
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
