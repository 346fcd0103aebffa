import type { ReactNode } from 'react'
import { Column, Words } from '@/ui'

/** What a part of the review found, and what to do about it. */
export function StoneHead({ title, says }: { readonly title: string; readonly says?: ReactNode }) {
  return (
    <Column gap="$1">
      <Words render="h2" size="title">
        {title}
      </Words>
      {says ? <Words tone="inkSoft">{says}</Words> : null}
    </Column>
  )
}
