// A template out of somebody else's file, with the files that lie beside it: checked first, and kept as one more.
import type { Id } from '@/core/record'
import { select } from '@/state'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument, useZen } from '@/held/zen'
import { FileButton } from '@/ui/FileButton'
import { shortened } from '@/words'
import { templateFileFaultWords } from '@/words/templateFile'
import { readTemplateFile } from './readTemplateFile'

export function ImportTemplate({ onOpen }: { readonly onOpen: (id: Id<'project'>) => void }) {
  const act = useAct()
  const { blobs } = useZen()
  const contexts = select.contextsOf(useHeldDocument())
  const say = (text: string) => desk.getState().tell(text, { problem: true })
  const read = async (file: File) => {
    const named = contexts.map(({ name, id }) => [name, id] as const)
    const parsed = await readTemplateFile({ file, contexts: named })
    if (!parsed.ok) return say(templateFileFaultWords(parsed.error))
    const { title, records, missing, blobs: files } = parsed.value
    // The files first: records that name them never stand without them.
    if (files.length > 0) {
      const bytes = await blobs()
      for (const one of files) await bytes.put(one)
    }
    const without = missing.length > 0 ? `. Contexts you do not have: ${missing.slice(0, 5).join(', ')}` : ''
    const outcome = act(
      'importTemplate',
      { records },
      { say: `Template imported: ${shortened(title)}${without}` },
    )
    const made = (outcome.ok ? outcome.value : []).find(
      (part) => part.kind === 'added' && part.record.id.startsWith('project:'),
    )
    if (made?.kind === 'added') onOpen(made.record.id as Id<'project'>)
  }
  return (
    <FileButton
      kind="quiet"
      label="Import a template file"
      named="Template file to import"
      accept="application/json,.json,application/zip,.zip"
      onFile={(file) => void read(file).catch(() => say('The file could not be read. Try another one.'))}
    />
  )
}
