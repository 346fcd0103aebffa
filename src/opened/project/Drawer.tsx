// A part of a page that is only there when it has something: its heading says what is in it, and opens it.
import { useId, type ReactNode } from 'react'
import { Column, Hairline, Icon, Press, Words } from '@/ui'
import { useRemembered } from '@/held/useRemembered'

export interface DrawerProps {
  /** What it is remembered by, on every page that has one. */
  readonly name: string
  readonly title: string
  /** What is in it, in few words. */
  readonly says: string
  /** It stands open until it is closed. */
  readonly opensItself?: boolean
  /** It was asked for just now. */
  readonly isAsked?: boolean
  readonly children: ReactNode
}

export function Drawer({ name, title, says, opensItself = false, isAsked = false, children }: DrawerProps) {
  const id = useId()
  const [isTurned, turn] = useRemembered(`drawer:${name}`)
  const isOpen = isTurned !== opensItself
  return (
    <Column render="section" aria-labelledby={id}>
      <Press
        onPress={() => turn(!isTurned)}
        autoFocus={isAsked}
        aria-expanded={isOpen}
        width="100%"
        gap="$2.5"
        paddingTop="$2"
        minHeight={48}
      >
        <Words render="h2" id={id} size="caps" tone="inkSoft">
          {title}
        </Words>
        <Hairline />
        <Words size="second" tone="inkSoft">
          {says}
        </Words>
        <Icon name={isOpen ? 'up' : 'down'} tone="inkSoft" />
      </Press>
      {isOpen ? <Column paddingBottom="$2">{children}</Column> : null}
    </Column>
  )
}
