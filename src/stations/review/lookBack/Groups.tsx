// What was done, by what it was for: the minutes of each, how they lie over the span, and its actions when it is opened.
import { memo, useMemo, useState } from 'react'
import { recordIn, type Document } from '@/core/journal'
import type { GroupDone, LookBack } from '@/core/lookBack'
import { isIdOf } from '@/core/record'
import { idsOfKey, type Grouping } from '@/state/read/lookBack'
import { select } from '@/state'
import { areaInks, Button, Column, Seal } from '@/ui'
import { useHeldDocument } from '@/held/zen'
import { ActionRow } from '@/parts/rows/ActionRow'
import { RowList } from '@/parts/rows/RowList'
import { count, duration } from '@/words'
import { groupingWords } from '@/words/lookBack'
import { nameOfRecord } from '@/words/names'
import { InkBars } from './borrowed'

const fewGroups = 12

export function Groups({ back, grouping }: { back: LookBack; grouping: Grouping }) {
  const [isWhole, setWhole] = useState(false)
  const [openedKey, setOpenedKey] = useState<string | null>(null)
  const { groups } = back
  const most = Math.max(1, ...groups.flatMap(({ bars }) => bars))
  const shown = isWhole ? groups : groups.slice(0, fewGroups)
  return (
    <Column>
      <ul aria-label={`By ${groupingWords[grouping].name.toLowerCase()}`} className="group-lines">
        {shown.map((group) => (
          <GroupLine
            key={`${grouping} ${group.key}`}
            group={group}
            grouping={grouping}
            most={most}
            isOpen={group.key === openedKey}
            onOpen={setOpenedKey}
          />
        ))}
      </ul>
      {shown.length < groups.length ? (
        <Button kind="quiet" label={`See all ${groups.length}`} onPress={() => setWhole(true)} />
      ) : null}
    </Column>
  )
}

function faceOf(document: Document, grouping: Grouping, key: string) {
  const ids = idsOfKey(key)
  const names = ids.map((id) => nameOfRecord(document, id)).filter((name) => name !== '')
  const [first] = ids
  const project = first && isIdOf('project', first) ? recordIn(document, first) : undefined
  const area = first && isIdOf('area', first) ? recordIn(document, first) : undefined
  const seal = project ? select.sealOf(document, { projectId: project.id, areaId: project.areaId }) : area
  return { name: names.join(', ') || groupingWords[grouping].none, seal }
}

interface GroupLineProps {
  readonly group: GroupDone
  readonly grouping: Grouping
  /** The highest bar of all. */
  readonly most: number
  readonly isOpen: boolean
  readonly onOpen: (key: string | null) => void
}

const GroupLine = memo(function GroupLine({ group, grouping, most, isOpen, onOpen }: GroupLineProps) {
  const document = useHeldDocument()
  const { name, seal } = faceOf(document, grouping, group.key)
  const hasSeal = grouping === 'area' || grouping === 'project'
  const sum = group.minutes > 0 ? duration(group.minutes) : '–'
  return (
    <li className="group-line">
      <button
        type="button"
        className="group-open"
        data-row
        aria-expanded={isOpen}
        onClick={() => onOpen(isOpen ? null : group.key)}
      >
        {hasSeal ? <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} /> : null}
        <span className="group-name">
          <span className="group-title">{name}</span>
          <span className="group-count">{count(group.outcomes, 'action')}</span>
        </span>
        <span className="group-bars" aria-hidden>
          <InkBars
            bars={group.bars}
            most={most}
            ink={seal ? (areaInks[seal.ink % areaInks.length] as string) : 'var(--inkSoft)'}
          />
        </span>
        <span className="group-sum">{sum}</span>
      </button>
      {isOpen ? <ActionsOf group={group} name={name} /> : null}
    </li>
  )
})

function ActionsOf({ group, name }: { group: GroupDone; name: string }) {
  const document = useHeldDocument()
  const actions = useMemo(
    () =>
      group
        .ids()
        .map((id) => recordIn(document, id))
        .filter((action) => action !== undefined),
    [document, group],
  )
  return (
    <RowList
      items={actions}
      label={`Done: ${name}`}
      render={(action) => <ActionRow key={action.id} action={action} showProject />}
    />
  )
}
