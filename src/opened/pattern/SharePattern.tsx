import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import type { Later } from '@/state'
import type { Pattern } from '@/state/isPattern'
import { saveAs } from '@/held/saveAs'
import { useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'

/** The pattern as a file in the person's hands. */
export function SharePattern({
  pattern,
  read,
}: {
  readonly pattern: Pattern
  readonly read: Later['patterns']
}) {
  const document = useHeldDocument()
  const save = () => {
    const nameOf = (id: string) => recordIn(document, id as Id<'context'>)?.name ?? null
    const text = read.toPatternFile(read.projectToCopy(document, pattern), nameOf)
    const name =
      pattern.title
        .replace(/[^\p{L}\p{N}]+/gu, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 60) || 'pattern'
    saveAs(`${name}.pattern.json`, new Blob([text], { type: 'application/json' }))
  }
  return <Button kind="quiet" label="Share as a file" onPress={save} />
}
