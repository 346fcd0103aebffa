// What can be added to what is opened: one quiet row at its end.
import { Button, Row, Words } from '@/ui'

export function AddRow<T extends string>({
  names,
  missing,
  onAsk,
}: {
  readonly names: Readonly<Record<T, string>>
  readonly missing: readonly T[]
  readonly onAsk: (what: T) => void
}) {
  if (missing.length === 0) return null
  return (
    <Row flexWrap="wrap" alignItems="center" role="group" aria-label="Add">
      <Words size="second" tone="inkSoft" paddingRight="$2">
        Add
      </Words>
      {missing.map((what) => (
        <Button
          key={what}
          kind="quiet"
          label={names[what]}
          aria-label={`Add ${names[what]}`}
          onPress={() => onAsk(what)}
        />
      ))}
    </Row>
  )
}
