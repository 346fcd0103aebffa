import { useMedia, View } from '@tamagui/core'
import { useMemo } from 'react'
import type { Document } from '@/core/journal'
import type { CalendarDate } from '@/core/time'
import type { Action, Id, Project } from '@/core/record'
import { lists } from '@/state'
import { Column, Icon, Press, Row, Seal, Unseen, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { shortDate } from '@/words'
import { useHeldDocument, useToday } from '@/held/zen'
import { nextWords } from './nextWords'
import { RankButtons } from './RankButtons'

export function ProjectCard({
  project,
  siblings,
  arranging,
}: {
  project: Project
  siblings: readonly Id<'project'>[]
  arranging: boolean
}) {
  const document = useHeldDocument()
  const today = useToday()
  const { opened, open: openIt } = useOpened()
  const { wide } = useMedia()
  const done = lists.doneWith(document, project.id).length
  const open = lists.actionsOfProject(document, project.id).length
  const share = done / Math.max(1, done + open)
  const action = lists.nextActionOf(document, project.id, today)
  return (
    <View
      render="li"
      className="shelf-card"
      data-of={project.id}
      width={wide ? undefined : '100%'}
      flexGrow={wide ? 1 : 0}
      flexBasis={wide ? 236 : undefined}
      maxWidth={wide ? 330 : undefined}
      backgroundColor={opened === project.id ? '$brassWash' : '$slip'}
      borderWidth={1}
      borderBottomWidth={wide ? 0 : 1}
      borderColor="$rule"
      borderTopLeftRadius={3}
      borderTopRightRadius={3}
      position="relative"
    >
      {wide ? (
        <View
          position="absolute"
          bottom={-7}
          left={-1}
          right={-11}
          height={7}
          backgroundColor="$plankEdge"
          aria-hidden
        />
      ) : null}
      {share > 0 ? (
        <View
          position="absolute"
          top={-1}
          left={-1}
          height={4}
          backgroundColor="$moss"
          style={{ width: `${share * 100}%` }}
          aria-hidden
        />
      ) : null}
      <Press onPress={() => openIt(project.id)} width="100%" alignItems="stretch" padding="$3" data-row>
        <Column flex={1} minWidth={0} gap="$1" minHeight={wide ? 96 : 0}>
          <Row gap="$2" alignItems="flex-start">
            {project.stamp ? <Seal stamp={project.stamp} ink={project.ink} size={24} /> : null}
            <Words strong flex={1} minWidth={0}>
              <Unseen>Open </Unseen>
              {project.title}
            </Words>
          </Row>
          {project.outcome ? (
            <Words
              size="second"
              tone="inkSoft"
              style={{
                display: '-webkit-box',
                WebkitLineClamp: 2,
                WebkitBoxOrient: 'vertical',
                overflow: 'hidden',
              }}
            >
              {project.outcome}
            </Words>
          ) : null}
          <View flex={1} />
          <NextLine project={project} action={action} document={document} today={today} />
        </Column>
      </Press>
      {arranging ? (
        <Row paddingHorizontal="$1">
          <RankButtons id={project.id} name={project.title} siblings={siblings} />
        </Row>
      ) : null}
    </View>
  )
}

function NextLine({
  project,
  action,
  document,
  today,
}: {
  project: Project
  action: Action | undefined
  document: Document
  today: CalendarDate
}) {
  const { words, tone } = useMemo(
    () => nextWords(project, action, document, today),
    [project, action, document, today],
  )
  const isNext = project.state === 'open' && action !== undefined
  return (
    <Row gap="$1.5" paddingTop="$1.5">
      {isNext ? <Icon name="next" size={16} tone={tone === 'slate' ? 'slate' : 'brass'} /> : null}
      <Words size="second" tone={tone} flex={1} oneLine>
        {words}
      </Words>
      {project.due ? (
        <Words size="small" tone={project.due < today ? 'clay' : 'inkSoft'} flexShrink={0}>
          {shortDate(project.due, today)}
        </Words>
      ) : null}
    </Row>
  )
}
