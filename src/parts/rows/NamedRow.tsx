// A row that opens what it names, with a second line or a word at its end.
import { Column, Icon, Press, Unseen, Words } from '@/ui'

export function NamedRow({
  name,
  kind,
  below,
  end,
  onOpen,
}: {
  readonly name: string
  /** What it is, said behind the name for the ear: "meeting note". */
  readonly kind: string
  readonly below?: string
  readonly end?: string
  readonly onOpen: () => void
}) {
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Press onPress={onOpen} minHeight={56} paddingHorizontal="$3.5" gap="$2.5" data-row>
        <Column flex={1} minWidth={0}>
          <Words>
            {name}
            <Unseen>{`, ${kind}`}</Unseen>
          </Words>
          {below ? (
            <Words size="second" tone="inkSoft">
              {below}
            </Words>
          ) : null}
        </Column>
        {end ? (
          <Words size="second" tone="inkSoft">
            {end}
          </Words>
        ) : null}
        <Icon name="next" tone="inkSoft" />
      </Press>
    </Column>
  )
}
