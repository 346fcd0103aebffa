// One thing that was found, by its words or as what an answer rests on.
import type { KeyboardEvent, ReactNode, RefObject } from 'react'
import { isOpen } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import { kindOf, type Action, type AnyRecord, type Area, type RecordKind, type Project } from '@/core/record'
import { useReader } from '@/held/reader'
import type { OpenableId } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { select } from '@/state'
import { Column, moveFocusWithin, Press, Seal, Words } from '@/ui'
import { stateWords } from '@/words'
import { nameOfNote } from '@/words/pages'

/** Whose seal stands before what was found. */
function sealOfFound(document: Document, kind: RecordKind, record: AnyRecord) {
  if (kind === 'action') return select.sealOf(document, record as Action)
  const { id, areaId } = record as Project
  if (kind === 'project') return select.sealOf(document, { projectId: id, areaId })
  return kind === 'area' || kind === 'group' ? (record as Area) : undefined
}

const restsWords = (document: Document, { projectId }: Action): string | null =>
  projectId !== null && select.restingProjectIdsOf(document).has(projectId) ? 'rests with its project' : null

function stateOfFound(kind: RecordKind, record: AnyRecord, document: Document): string | null {
  if (kind === 'action') {
    const { projectId } = record as Action
    if (projectId && recordIn(document, projectId)?.state === 'template') return 'in a template'
  }
  if (kind === 'project') return stateWords[(record as Project).state]
  if (kind !== 'action' && (record as { letGoAtEpochMs?: number | null }).letGoAtEpochMs) return 'removed'
  if (kind !== 'action') return null
  if (isOpen(record as Action)) return restsWords(document, record as Action)
  return (record as Action).doneAtEpochMs ? 'done' : 'let go'
}

/** What was found, gone through with the arrows. */
export const FoundList = ({
  listRef,
  children,
}: {
  listRef: RefObject<HTMLElement | null>
  children: ReactNode
}) => (
  <Column
    ref={listRef as never}
    render="ul"
    aria-label="Found"
    onKeyDown={(event: KeyboardEvent<HTMLElement>) => moveFocusWithin(event, 'button')}
  >
    {children}
  </Column>
)

export function FoundRow({
  id,
  said,
  onPress,
}: {
  id: OpenableId
  /** What is said under it, in place of what it is. */
  said?: string
  onPress: () => void
}) {
  const { kinds } = useReader()
  const document = useHeldDocument()
  const record = recordIn(document, id)
  // It may have gone since it was found: undone, or removed in another tab.
  if (!record) return null
  const kind = kindOf(id)
  const seal = sealOfFound(document, kind, record)
  const over = said === undefined && kind === 'action' && !isOpen(record as Action)
  const state = stateOfFound(kind, record, document)
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Press onPress={onPress} gap="$3" paddingHorizontal="$2.5" minHeight={56}>
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words struck={over}>{nameOfNote(document, id)}</Words>
          <Words size="second" tone="inkSoft">
            {said ?? [kinds?.[kind].singular, state].filter(Boolean).join(' · ')}
          </Words>
        </Column>
      </Press>
    </Column>
  )
}
