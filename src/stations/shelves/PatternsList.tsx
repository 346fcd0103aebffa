// Patterns: what is done again and again, to be made from in one act.
import { useState } from 'react'
import { makings, type Making } from '@/core/record'
import type { Later } from '@/state'
import type { Pattern } from '@/state/isPattern'
import { BringInPattern } from '@/parts/project/BringInPattern'
import { NameLine } from '@/parts/text/NameLine'
import { desk } from '@/held/desk'
import { useLater } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button, Choice, Column, EmptyPlace, Press, Row, Words } from '@/ui'
import { count } from '@/words'
import { makingWords } from '@/words/patterns'

export function PatternsList() {
  const patterns = useLater()?.patterns
  return patterns ? <Patterns read={patterns} /> : null
}

function Patterns({ read }: { readonly read: Later['patterns'] }) {
  const act = useAct()
  const { open } = useOpened()
  const [makes, setMakes] = useState<Making>('project')
  const patterns = read.patternsOf(useHeldDocument())
  return (
    <Column gap="$3" paddingTop="$2">
      {patterns.length === 0 ? (
        <EmptyPlace says="A template is what you make again and again: a site visit, a quarter’s accounts. Open a project, an action, a checklist or a meeting note and save it as a template, or start one here." />
      ) : null}
      <Column render="ul" aria-label="Templates">
        {patterns.map((pattern) => (
          <PatternRow key={pattern.id} pattern={pattern} read={read} />
        ))}
      </Column>
      <Choice
        label="A new one makes"
        options={makings.map((value) => ({ value, label: makingWords[value] }))}
        chosen={[makes]}
        onToggle={setMakes}
      />
      <NameLine
        label="New template"
        onMake={(title) => {
          const outcome = act('addPattern', { title, makes })
          const [made] = outcome.ok ? outcome.value : []
          if (made?.kind === 'added') open(made.record.id as Pattern['id'])
          return outcome.ok
        }}
      />
      <Row marginLeft="$-2">
        <BringInPattern onOpen={open} />
      </Row>
    </Column>
  )
}

function PatternRow({ pattern, read }: { readonly pattern: Pattern; readonly read: Later['patterns'] }) {
  const document = useHeldDocument()
  const { open } = useOpened()
  const actions = read.actionsOfPattern(document, pattern.id).length
  const asked = read.askedBy(document, pattern).map(({ name }) => name)
  return (
    <Row render="li" gap="$2" borderBottomWidth={1} borderColor="$rule">
      <Press data-row flex={1} minWidth={0} minHeight={62} onPress={() => open(pattern.id)}>
        <Column flex={1} minWidth={0} paddingVertical="$2">
          <Words className="clamped two">{pattern.title}</Words>
          <Words size="second" tone="inkSoft">
            {[
              makingWords[pattern.makes],
              actions > 0 && pattern.makes === 'project' ? count(actions, 'action') : null,
              asked.length > 0 ? `asks ${asked.join(', ')}` : null,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Words>
        </Column>
      </Press>
      <Button
        label="Use"
        aria-label={`Use ${pattern.title}`}
        aria-haspopup="dialog"
        onPress={() => desk.getState().openSheet({ kind: 'usePattern', id: pattern.id })}
      />
    </Row>
  )
}
