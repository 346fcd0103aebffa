// What a template asks when it is used: its blanks, and the words in it that look like one.
import { blankKinds, type Blank, type Id } from '@/core/record'
import type { OnDemand } from '@/state'
import type { Template } from '@/state/read/isTemplate'
import { EditText } from '@/parts/text/EditText'
import { NameLine } from '@/parts/text/NameLine'
import { useAct, useHeldDocument } from '@/held/zen'
import { BandHeading, Button, Column, IconButton, Row, Words } from '@/ui'
import { Pull } from '@/ui/Pull'
import { blankKindWords } from '@/words/templates'

/** So many names are proposed at once. */
const mostNames = 6

export function Blanks({
  template,
  read,
}: {
  readonly template: Template
  readonly read: OnDemand['templates']
}) {
  const act = useAct()
  const document = useHeldDocument()
  const projectId = template.id
  const blanks = read.blanksOf(document, projectId)
  const records = read.projectToCopy(document, template).filter(({ id }) => !id.startsWith('blank:'))
  const names = read.namesIn(read.textsIn(records)).slice(0, mostNames)
  return (
    <Column gap="$2">
      <BandHeading title="What it asks" end={blanks.length > 0 ? String(blanks.length) : undefined} />
      <Column render="ul" aria-label="What it asks">
        {blanks.map((blank) => (
          <BlankRow key={blank.id} blank={blank} />
        ))}
      </Column>
      {names.length > 0 ? (
        <Column gap="$1.5">
          <Words size="second" tone="inkSoft">
            Make a blank of:
          </Words>
          <Row gap="$2" flexWrap="wrap">
            {names.map((words) => (
              <Button
                key={words}
                label={words}
                paddingHorizontal="$3"
                onPress={() =>
                  act(
                    'makeBlank',
                    { projectId, words, name: freeName(blanks) },
                    { say: `A blank instead of ${words}` },
                  )
                }
              />
            ))}
          </Row>
        </Column>
      ) : null}
      <NameLine
        label="New blank"
        onMake={(name) => act('addBlank', { projectId, name, kind: 'name' }, { say: false }).ok}
      />
    </Column>
  )
}

/** A name that no blank has yet; it is told otherwise where it stands. */
function freeName(blanks: readonly Blank[]): string {
  const taken = new Set(blanks.map(({ name }) => name))
  for (let number = 1; ; number++) {
    const name = number === 1 ? 'Name' : `Name ${number}`
    if (!taken.has(name)) return name
  }
}

function BlankRow({ blank }: { readonly blank: Blank }) {
  const act = useAct()
  const { id } = blank
  return (
    <Row render="li" gap="$1" borderBottomWidth={1} borderColor="$rule" minHeight={54}>
      <Column flex={1} minWidth={0}>
        <EditText
          name={`${id} name`}
          label="Blank"
          bare
          value={blank.name}
          needed="A blank needs a name."
          onKeep={(name, typing) =>
            act('editBlank', { id, patch: { name } }, { say: false, atField: true, ...typing })
          }
        />
      </Column>
      <Pull
        label={`What ${blank.name} is`}
        value={blank.kind}
        options={blankKinds.map((kind) => ({ value: kind, label: blankKindWords[kind] }))}
        onChoose={(kind) => act('editBlank', { id, patch: { kind: kind as Blank['kind'] } }, { say: false })}
      />
      <IconButton label={`Leave out ${blank.name}`} icon="close" onPress={() => act('removeBlank', { id })} />
    </Row>
  )
}

/** Puts a blank at the end of a text, by a touch. */
export function PutIn({
  blanks,
  onPut,
}: {
  readonly blanks: readonly { readonly id: Id | null; readonly name: string }[]
  readonly onPut: (name: string) => void
}) {
  if (blanks.length === 0) return null
  return (
    <Row gap="$1" flexWrap="wrap" alignItems="center" role="group" aria-label="Insert a blank">
      <Words size="second" tone="inkSoft">
        Insert
      </Words>
      {blanks.map(({ name }) => (
        <Button key={name} kind="quiet" label={name} onPress={() => onPut(name)} />
      ))}
    </Row>
  )
}
