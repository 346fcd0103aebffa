// Every lens there is: opened, put earlier or later, on the strip of the Day or not; and one brought in from a file.

import type { LensRecord } from '@/core/record'
import type { OnDemand } from '@/state'
import { Button, Column, IconButton, Press, Row, Seal, Words } from '@/ui'
import { FileButton } from '@/ui/FileButton'
import { desk } from '@/held/desk'
import { useAct, useHeldDocument } from '@/held/zen'
import { placeWords } from '@/words'
import { lensFileFaultWords, missingWords } from '@/words/lens'
import type { LensId } from './LensSheet'

export function AllLenses({ lenses, onOpen }: { lenses: OnDemand['lenses']; onOpen: (id: LensId) => void }) {
  const document = useHeldDocument()
  const all = lenses.lensesOf(document)
  return (
    <Column gap="$3">
      <Column render="ul" aria-label="Lenses">
        {all.map((lens, at) => (
          <LensLine key={lens.id} lens={lens} all={all} at={at} lenses={lenses} onOpen={onOpen} />
        ))}
      </Column>
      <Row gap="$2" flexWrap="wrap">
        <Button kind="main" label="Make a lens" onPress={() => onOpen('new')} />
        <ImportLens lenses={lenses} onOpen={onOpen} />
      </Row>
    </Column>
  )
}

function LensLine({
  lens,
  all,
  at,
  lenses,
  onOpen,
}: {
  readonly lens: LensRecord
  readonly all: readonly LensRecord[]
  readonly at: number
  readonly lenses: OnDemand['lenses']
  readonly onOpen: (id: LensId) => void
}) {
  const act = useAct()
  const names = lenses.lensNamesOf(useHeldDocument())
  const { id, name, letters, ink, onStrip } = lens
  const sentence = lenses
    .lensParts(lenses.lensIn(lens), names)
    .map(({ text }) => text)
    .join('')
  const place = (after: LensRecord | undefined, by: 1 | -1) =>
    act('placeLens', { id, after: after?.id ?? null }, { say: placeWords(name, at + by, all.length) })
  return (
    <Row
      render="li"
      gap="$1"
      borderBottomWidth={1}
      borderColor="$rule"
      backgroundColor="$slip"
      paddingHorizontal="$2.5"
    >
      <Press onPress={() => onOpen(id)} flex={1} minWidth={0} minHeight={62} gap="$3" data-row>
        <Seal letters={letters} ink={ink} />
        <Column flex={1} minWidth={0} paddingVertical="$2">
          <Words className="clamped two">{name}</Words>
          <Words size="second" tone="inkSoft" className="clamped four">
            {sentence}
          </Words>
        </Column>
      </Press>
      <Press
        role="checkbox"
        aria-checked={onStrip}
        aria-label={`${name} on the strip of the Day`}
        paddingHorizontal="$2"
        onPress={() => act('editLens', { id, patch: { onStrip: !onStrip } }, { say: false })}
      >
        <Words size="second" tone={onStrip ? 'brass' : 'inkSoft'} strong={onStrip}>
          {onStrip ? 'on the strip' : 'not on the strip'}
        </Words>
      </Press>
      <IconButton
        label={`${name} earlier`}
        icon="up"
        disabled={at === 0}
        onPress={() => place(all[at - 2], -1)}
      />
      <IconButton
        label={`${name} later`}
        icon="down"
        disabled={at === all.length - 1}
        onPress={() => place(all[at + 1], 1)}
      />
    </Row>
  )
}

/** A lens out of somebody else's file: checked first, and kept as one more. */
function ImportLens({ lenses, onOpen }: { lenses: OnDemand['lenses']; onOpen: (id: LensId) => void }) {
  const act = useAct()
  const names = lenses.lensNamesOf(useHeldDocument())
  const say = (text: string) => desk.getState().tell(text, { problem: true })
  const read = async (file: File) => {
    if (file.size > lenses.lensFileLimitBytes) return say(lensFileFaultWords({ kind: 'tooLarge' }))
    const [text, { lensFileChecks }] = await Promise.all([file.text(), import('@/state/store/onDemand')])
    const parsed = lenses.parseLensFile(text, names, lensFileChecks)
    if (!parsed.ok) return say(lensFileFaultWords(parsed.error))
    const { name, lens, look, missing } = parsed.value
    const outcome = act(
      'addLens',
      { name, lens, face: look },
      missing.length > 0 ? { say: missingWords(missing) } : {},
    )
    const added = outcome.ok ? outcome.value[0] : undefined
    if (added?.kind === 'added') onOpen(added.record.id as LensId)
  }
  return (
    <FileButton
      label="Import a lens file"
      named="Lens file to import"
      accept="application/json,.json"
      onFile={(file) => void read(file).catch(() => say('The file could not be read. Try another one.'))}
    />
  )
}
