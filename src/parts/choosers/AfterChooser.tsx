// After which other action: by its title, those of the same project first.
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { useHeldDocument } from '@/held/zen'
import { select } from '@/state'
import { Button } from '@/ui'
import { chooserWords } from '@/words'
import { NameChooser } from './NameChooser'

/** As many as are looked through at each key. */
const mostOptions = 3000

export interface AfterChooserProps {
  readonly of: Id<'action'>
  /** What is asked, where it is not after which other one. */
  readonly title?: string
  /** The one that stands, where one is changed. */
  readonly standing: Id<'action'> | null
  readonly anchor: DOMRect | null
  readonly options: readonly Action[]
  readonly onChoose: (id: Id<'action'>) => void
  readonly onTakeOff: (id: Id<'action'>) => void
  readonly onClose: () => void
}

export function AfterChooser({
  of,
  title = chooserWords.after,
  standing,
  anchor,
  options,
  onChoose,
  onTakeOff,
  onClose,
}: AfterChooserProps) {
  const document = useHeldDocument()
  const projectId = recordIn(document, of)?.projectId ?? null
  const isNear = (action: Action) => projectId !== null && action.projectId === projectId
  const others = options.filter(({ id }) => id !== of)
  const ordered = [...others.filter(isNear), ...others.filter((action) => !isNear(action))]
  return (
    <NameChooser
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        standing ? (
          <Button
            kind="quiet"
            label="not after it"
            onPress={() => {
              onTakeOff(standing)
              onClose()
            }}
          />
        ) : null
      }
      options={ordered.slice(0, mostOptions).map((action) => {
        const seal = select.sealOf(document, action)
        return {
          id: action.id,
          name: action.title,
          seal: seal ? { letters: seal.letters, ink: seal.ink } : null,
          isChosen: action.id === standing,
        }
      })}
      makes={[]}
      onChoose={(id) => {
        if (standing && standing !== id) onTakeOff(standing)
        onChoose(id as Id<'action'>)
      }}
    />
  )
}
