// Where a part of the page fails, the rest stays, and a way on is offered. What is kept is not touched by it.
import { Component, type ReactNode } from 'react'
import { Button, EmptyPlace } from '@/ui'

interface MishapProps {
  readonly children: ReactNode
  /** Changes when the person goes elsewhere: the part is then tried again. */
  readonly place: string
}

interface MishapState {
  readonly failedAt: string | null
}

export class Mishap extends Component<MishapProps, MishapState> {
  override state: MishapState = { failedAt: null }

  static getDerivedStateFromError(): Partial<MishapState> {
    return { failedAt: '' }
  }

  static getDerivedStateFromProps({ place }: MishapProps, { failedAt }: MishapState): MishapState | null {
    if (failedAt === '') return { failedAt: place }
    return failedAt !== null && failedAt !== place ? { failedAt: null } : null
  }

  override render() {
    if (this.state.failedAt === null) return this.props.children
    return (
      <div role="alert" style={{ paddingTop: 24 }}>
        <EmptyPlace says="This part of Zen Tray could not be shown. Your data is safe. Loading the page again usually helps.">
          <Button kind="main" label="Load the page again" onPress={() => window.location.reload()} />
        </EmptyPlace>
      </div>
    )
  }
}
