// A pattern out of somebody else's file: checked first, and kept as one more.
import type { Id } from '@/core/record'
import { select } from '@/state'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument } from '@/held/zen'
import { FileButton } from '@/ui/FileButton'
import { shortened } from '@/words'
import { patternFileFaultWords } from '@/words/patterns'

export function BringInPattern({ onOpen }: { readonly onOpen: (id: Id<'project'>) => void }) {
  const act = useAct()
  const contexts = select.contextsOf(useHeldDocument())
  const say = (text: string) => desk.getState().tell(text, { problem: true })
  const read = async (file: File) => {
    const { parsePatternFile, patternFileLimitBytes } = await import('@/state/onDemand')
    if (file.size > patternFileLimitBytes) return say(patternFileFaultWords({ kind: 'tooLarge' }))
    const called = (name: string) => contexts.find((context) => context.name === name)?.id ?? null
    const parsed = parsePatternFile(await file.text(), called)
    if (!parsed.ok) return say(patternFileFaultWords(parsed.error))
    const { title, records, missing } = parsed.value
    const without = missing.length > 0 ? `. Not known here: ${missing.slice(0, 5).join(', ')}` : ''
    const outcome = act(
      'bringInPattern',
      { records },
      { say: `Pattern brought in: ${shortened(title)}${without}` },
    )
    const made = (outcome.ok ? outcome.value : []).find(
      (part) => part.kind === 'added' && part.record.id.startsWith('project:'),
    )
    if (made?.kind === 'added') onOpen(made.record.id as Id<'project'>)
  }
  return (
    <FileButton
      kind="quiet"
      label="Bring in a pattern file"
      named="Pattern file to bring in"
      accept="application/json,.json"
      onFile={(file) => void read(file).catch(() => say('The file could not be read. Nothing was changed.'))}
    />
  )
}
