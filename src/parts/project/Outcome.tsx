// The outcome of a project: what will be true, by when, so that what. Three blanks that read as one sentence.
import type { Project } from '@/core/record'
import { EditText } from '@/parts/text/EditText'
import { useAct, useToday } from '@/held/zen'
import { Button, Column, Row, Words } from '@/ui'
import { nearDate } from '@/words'

export function Outcome({
  project,
  onDue,
}: {
  readonly project: Project
  /** Asks by when; a template asks that when it is used. */
  readonly onDue?: () => void
}) {
  const act = useAct()
  const today = useToday()
  const { id, due } = project
  const keep = (field: 'outcome' | 'soThat') => (text: string, typing: object) =>
    act('editProject', { id, patch: { [field]: text } }, { say: false, atField: true, ...typing })
  return (
    <Column role="group" aria-label="Outcome">
      <EditText
        name={`${id} outcome`}
        label="What will be true"
        bare
        rows={2}
        serif
        placeholder="What will be true?"
        value={project.outcome}
        onKeep={keep('outcome')}
      />
      {onDue ? (
        <Button
          kind="quiet"
          label={due ? `due ${nearDate(due, today)}` : 'due when?'}
          tone={due && due < today ? 'clay' : undefined}
          aria-haspopup="dialog"
          alignSelf="flex-start"
          marginLeft="$-2"
          onPress={onDue}
        />
      ) : null}
      <Row alignItems="flex-start" gap="$1.5">
        {project.soThat === '' ? null : (
          <Words
            size="large"
            fontFamily="$heading"
            tone="inkSoft"
            paddingTop="$1.5"
            flexShrink={0}
            aria-hidden
          >
            so that
          </Words>
        )}
        <Column flex={1} minWidth={0}>
          <EditText
            name={`${id} soThat`}
            label="So that what"
            bare
            rows={2}
            serif
            placeholder="so that what?"
            value={project.soThat}
            onKeep={keep('soThat')}
          />
        </Column>
      </Row>
    </Column>
  )
}
