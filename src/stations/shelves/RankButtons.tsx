import type { Id } from '@/core/record'
import { IconButton, Row } from '@/ui'
import { useAct } from '@/held/zen'
import { placeWords } from '@/words'

/** One place earlier or later among its siblings. */
export function RankButtons({
  id,
  name,
  siblings,
}: {
  id: Id<'group'> | Id<'area'> | Id<'project'>
  name: string
  siblings: readonly (Id<'group'> | Id<'area'> | Id<'project'>)[]
}) {
  const act = useAct()
  const at = siblings.indexOf(id)
  return (
    <Row>
      <IconButton
        label={`${name} earlier`}
        icon="up"
        disabled={at <= 0}
        onPress={() =>
          act('rankBy', { id, siblings, places: -1 }, { say: placeWords(name, at - 1, siblings.length) })
        }
      />
      <IconButton
        label={`${name} later`}
        icon="down"
        disabled={at === siblings.length - 1}
        onPress={() =>
          act('rankBy', { id, siblings, places: 1 }, { say: placeWords(name, at + 1, siblings.length) })
        }
      />
    </Row>
  )
}
