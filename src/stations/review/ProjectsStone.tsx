// Second stone: every open project gets its very next action, or is said not to be one now.
import { useState } from 'react'
import { View } from '@tamagui/core'
import { useReader } from '@/held/reader'
import type { Project } from '@/core/record'
import { select } from '@/state'
import { Button, Column, Field, Row, Seal, Words } from '@/ui'
import { UnderstoodLine } from '@/parts/capture/UnderstoodLine'
import { useSentence } from '@/parts/capture/useSentence'
import { useResting } from '@/parts/project/useResting'
import { count, shortened } from '@/words'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { useStandingProjects } from './useStandingProjects'

export function ProjectsStone() {
  const { atWork, standing } = useStandingProjects()
  const open = atWork.length
  return (
    <Column gap="$2.5">
      <Words render="h2" size="title">
        {standing.length === 0
          ? 'Every project has its next action'
          : `${count(standing.length, 'project')} ${standing.length === 1 ? 'has' : 'have'} no next action`}
      </Words>
      <Words tone="inkSoft">
        {standing.length === 0
          ? `${count(open, 'open project')}, all of them moving.`
          : 'Say the very next thing, or say why not.'}
      </Words>
      <View render="ul" flexDirection="column">
        {standing.map((project) => (
          <Standing key={project.id} project={project} />
        ))}
      </View>
    </Column>
  )
}

function Standing({ project }: { project: Project }) {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const document = useHeldDocument()
  const seal = select.sealOf(document, { projectId: project.id, areaId: project.areaId })
  const [text, setText] = useState('')
  const [takenOff, setTakenOff] = useState<readonly string[]>([])
  const sentence = useSentence(text, takenOff)
  const { id, title } = project
  const add = () => {
    if (text.trim() === '') return
    const draft = reader.draftOf(sentence, today)
    act(
      'addAction',
      { ...draft, projectId: id, areaId: null },
      { say: `Added to ${title}: ${sentence.title}` },
    )
  }
  const rest = useResting()
  return (
    <Row
      render="li"
      gap="$3"
      alignItems="flex-start"
      padding="$3"
      backgroundColor="$slip"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
      <Column flex={1} minWidth={0} gap="$2">
        <Column>
          <Words strong>{title}</Words>
          {project.outcome ? (
            <Words size="second" tone="inkSoft">
              {project.outcome}
            </Words>
          ) : null}
        </Column>
        <Row gap="$2" flexWrap="wrap">
          <Row flex={1} minWidth={180}>
            <Field
              label={`Next action for ${title}`}
              placeholder="The very next thing"
              value={text}
              onChangeText={setText}
              onSubmitEditing={add}
            />
          </Row>
          <Button
            label="Add"
            aria-label={`Add the next action for ${title}`}
            onPress={add}
            disabled={text.trim() === ''}
          />
        </Row>
        <UnderstoodLine
          text={text}
          sentence={sentence}
          takenOff={takenOff}
          onText={setText}
          onTakenOff={setTakenOff}
        />
        <Row gap="$1" flexWrap="wrap">
          <Button
            kind="quiet"
            label="Not now"
            aria-label={`${title}: not now`}
            onPress={() => rest(id, title)}
          />
          <Button
            kind="quiet"
            label="Finished"
            aria-label={`${title}: finished`}
            onPress={() =>
              act('setProjectState', { id, state: 'finished' }, { say: `Finished: ${shortened(title)}` })
            }
          />
        </Row>
      </Column>
    </Row>
  )
}
