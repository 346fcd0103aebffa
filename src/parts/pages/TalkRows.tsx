// The pages of talks as rows, the latest first; and a line to begin another.
import type { Id, Note } from '@/core/record'
import { useLater } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { NameLine } from '@/parts/text/NameLine'
import { Column, Icon, Press, Unseen, Words } from '@/ui'
import { count } from '@/words'
import { kindOfNote } from '@/words/pages'

export interface TalkRowsProps {
  readonly talks: readonly Note[]
  /** Who and what a talk begun here has a part in it. */
  readonly begun?: { readonly personIds?: Id<'person'>[]; readonly projectId?: Id<'project'> }
}

export function TalkRows({ talks, begun = {} }: TalkRowsProps) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const later = useLater()
  const { open } = useOpened()
  return (
    <>
      {talks.length > 0 ? (
        <Column render="ul" aria-label="Talks">
          {talks.map((page) => {
            const left = later?.notes.linesToDo(document, page).length ?? 0
            return (
              <Column
                key={page.id}
                render="li"
                borderBottomWidth={1}
                borderColor="$rule"
                backgroundColor="$slip"
              >
                <Press
                  onPress={() => open(page.id)}
                  minHeight={60}
                  paddingHorizontal="$3.5"
                  gap="$2.5"
                  data-row
                >
                  <Column flex={1} minWidth={0}>
                    <Words>
                      <Unseen>Open the talk </Unseen>
                      {page.title}
                    </Words>
                    <Words size="second" tone="inkSoft">
                      {[
                        kindOfNote(document, page.id, today).replace(/^talk, /, ''),
                        left > 0 ? `${count(left, 'open line')}` : '',
                      ]
                        .filter(Boolean)
                        .join(' · ')}
                    </Words>
                  </Column>
                  <Icon name="next" tone="inkSoft" />
                </Press>
              </Column>
            )
          })}
        </Column>
      ) : null}
      <NameLine
        label="New talk"
        onMake={(title) => {
          const made = act('addTalk', { title, ...begun }, { say: false })
          const part = made.ok ? made.value[0] : undefined
          if (part?.kind === 'added') open(part.record.id as Note['id'])
          return made.ok
        }}
      />
    </>
  )
}
