// The template as a file in the person's hands: where files lie with it, one archive with their bytes.
import { recordIn } from '@/core/journal'
import { kindOf, type AnyRecord, type FileRecord, type Id } from '@/core/record'
import type { OnDemand } from '@/state'
import type { Template } from '@/state/read/isTemplate'
import { desk } from '@/held/desk'
import { saveAs } from '@/held/saveAs'
import { useHeldDocument, useZen } from '@/held/zen'
import { Button } from '@/ui'
import { count } from '@/words'

const isFile = (record: AnyRecord): record is FileRecord => kindOf(record.id) === 'file'

const fileNameOf = (title: string): string =>
  title
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'template'

const leftOutWords = (left: number): string =>
  `${count(left, 'file')} could not be read and ${left === 1 ? 'is' : 'are'} left out.`

export function ShareTemplate({
  template,
  read,
}: {
  readonly template: Template
  readonly read: OnDemand['templates']
}) {
  const { blobs } = useZen()
  const document = useHeldDocument()
  const share = async () => {
    const nameOf = (id: string) => recordIn(document, id as Id<'context'>)?.name ?? null
    const records = read.projectToCopy(document, template)
    const name = fileNameOf(template.title)
    const files = records.filter(isFile)
    if (files.length === 0) {
      const text = read.toTemplateFile(records, nameOf)
      return saveAs(`${name}.template.json`, new Blob([text], { type: 'application/json' }))
    }
    const { archiveOf } = await import('@/held/archiveOf')
    const { templateBundle } = await import('@/state/store/onDemand')
    const store = await blobs()
    const isThere = async ({ blob }: FileRecord) =>
      (await store.get(blob).catch(() => null))?.isSound === true
    const there = new Set<string>()
    for (const file of files) if (await isThere(file)) there.add(file.id)
    const kept = records.filter((record) => !isFile(record) || there.has(record.id))
    const hashes = kept.filter(isFile).flatMap(({ blob, smallBlob }) => [blob, smallBlob ?? []].flat())
    const text = read.toTemplateFile(kept, nameOf)
    const { blob } = await archiveOf([text], [...new Set(hashes)], store, templateBundle)
    saveAs(`${name}.template.zip`, blob)
    const left = files.length - there.size
    if (left > 0) desk.getState().tell(leftOutWords(left), { problem: true })
  }
  const failed = () => desk.getState().tell('The file could not be made. Try again.', { problem: true })
  return <Button kind="quiet" label="Share as a file" onPress={() => void share().catch(failed)} />
}
