// The slip under the hand, large. A long one shows four lines, so that what is asked stays in view; the rest on touch.
import { View } from '@tamagui/core'
import { useState, type ReactNode } from 'react'
import type { Slip } from '@/core/record'
import { Button, Row, Words } from '@/ui'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { PartsBands } from '@/parts/files/lazyParts'
import { SmallPicture } from '@/parts/files/SmallPicture'
import { owned } from '@/state'
import { cameWithWords, momentWords } from '@/words'

const Paper = ({ children, className }: { children: ReactNode; className: string }) => (
  <View
    className={className}
    render="article"
    aria-label="The slip"
    backgroundColor="$slip"
    borderWidth={1}
    borderColor="$rule"
    borderLeftWidth={3}
    borderLeftColor="$brass"
    borderRadius={3}
    flexGrow={1}
    paddingHorizontal="$4"
    paddingVertical="$3.5"
    gap="$2"
    boxShadow="0 3px 12px rgba(40,30,15,0.10)"
  >
    {children}
  </View>
)

/** About what four lines of the narrowest phone hold. */
const foldedLength = 110

export function SlipPaper({ slip, title, children }: { slip: Slip; title: string; children: ReactNode }) {
  const today = useToday()
  const { clock } = useZen()
  const [unfolded, setUnfolded] = useState(false)
  const document = useHeldDocument()
  const hasParts = owned.stepsOf(document, slip.id).length > 0 || owned.filesOf(document, slip.id).length > 0
  const isLong = title.length > foldedLength || slip.note.length > foldedLength || hasParts
  return (
    <Paper className="paper">
      <Words
        render="h2"
        size="title"
        fontSize={'1.4rem' as never}
        lineHeight={'1.85rem' as never}
        className={unfolded ? undefined : 'clamped four'}
      >
        {title}
      </Words>
      {children}
      <CameWith slip={slip} isWhole={unfolded} />
      <Row gap="$2" justifyContent="space-between">
        <Words size="second" tone="inkSoft" flexShrink={1} className={unfolded ? undefined : 'clamped two'}>
          Added {momentWords(slip.setDownAtEpochMs, clock.zone(), today)}
          {slip.text === title ? '' : `: “${slip.text}”`}
        </Words>
        {isLong ? (
          <Button
            kind="quiet"
            flexShrink={0}
            marginVertical="$-2"
            label={unfolded ? 'Fold it' : 'Read all'}
            aria-expanded={unfolded}
            onPress={() => setUnfolded(!unfolded)}
          />
        ) : null}
      </Row>
    </Paper>
  )
}

/** What came with it, in a line with its first pictures. */
function CameWithLine({ slip }: { slip: Slip }) {
  const document = useHeldDocument()
  const files = owned.filesOf(document, slip.id)
  const steps = owned.stepsOf(document, slip.id)
  const told = cameWithWords({ note: slip.note, steps: steps.length, files: files.length, isAside: false })
  if (told.length === 0) return null
  return (
    <Row gap="$2">
      {files.slice(0, 3).map((file) => (
        <SmallPicture key={file.id} file={file} side={32} />
      ))}
      <Words size="second" tone="inkSoft">
        {told.join(' · ')}
      </Words>
    </Row>
  )
}

/** What came with the slip: told in a line while it is folded, and read whole on touch. */
function CameWith({ slip, isWhole }: { slip: Slip; isWhole: boolean }) {
  return (
    <>
      {slip.note === '' ? null : (
        <Words
          tone="inkSoft"
          className={isWhole ? undefined : 'clamped two where-high'}
          style={{ whiteSpace: isWhole ? 'pre-wrap' : 'normal' }}
        >
          {slip.note}
        </Words>
      )}
      {isWhole ? <PartsBands of={slip.id} /> : null}
      {isWhole ? null : <CameWithLine slip={slip} />}
    </>
  )
}

/** The slip while it is being made something: its title to be reworded, and what is set of it. */
export const DraftPaper = ({ children }: { children: ReactNode }) => (
  <Paper className="paper draft">{children}</Paper>
)
