// Actions one below another where a day is narrow: the title, and under it what there is to know.
import { View } from '@tamagui/core'
import { isOpen } from '@/core/action'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { select } from '@/state'
import { Column, IconButton, Press, Row, Seal, Words } from '@/ui'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { useActionRow } from '@/parts/rows/ActionRow'
import { useSurroundings } from '@/parts/rows/surroundings'
import { desk } from '@/held/desk'
import { duration } from '@/words'
import { awaitedName } from '@/words/action'
import { useHeldDocument, useToday } from '@/held/zen'

const atMost = 40

export function Cards({ actions, label }: { actions: readonly Action[]; label?: string }) {
  const box = useBandBox(() => actions)
  return (
    <InBand.Provider value={box}>
      <View render="ul" aria-label={label} flexDirection="column">
        {actions.slice(0, atMost).map((action) => (
          <Card key={action.id} action={action} />
        ))}
      </View>
      {actions.length > atMost ? (
        <Words size="small" tone="inkSoft">
          and {actions.length - atMost} more
        </Words>
      ) : null}
    </InBand.Provider>
  )
}

/** What is waited for, on the day for asking after it. */
export function Chases({ actions, label }: { actions: readonly Action[]; label: string }) {
  const document = useHeldDocument()
  const { open } = useSurroundings()
  return actions.length === 0 ? null : (
    <View render="ul" aria-label={label} flexDirection="column">
      {actions.slice(0, atMost).map((action) => (
        <Column key={action.id} render="li" borderTopWidth={1} borderColor="$rule" paddingVertical="$1">
          <Press
            flexDirection="column"
            alignItems="flex-start"
            minHeight={28}
            width="100%"
            onPress={() => open(action.id)}
            data-row
          >
            <Words size="second">{action.title}</Words>
            <Words size="small" tone="slate">
              {`chase ${awaitedName(action, document)}`}
            </Words>
          </Press>
        </Column>
      ))}
    </View>
  )
}

function dueWords({ due }: Action, today: CalendarDate): string | null {
  if (!due) return null
  if (due.date < today) return 'overdue'
  return due.time ? `due ${due.time}` : 'due'
}

function Card({ action }: { action: Action }) {
  const document = useHeldDocument()
  const today = useToday()
  const { choosing, onKeyDown } = useActionRow(action)
  const seal = select.sealOf(document, action)
  const details = [
    action.at?.time,
    action.minutes ? duration(action.minutes) : null,
    action.energy === 'deep' ? 'deep' : null,
    dueWords(action, today),
  ]
    .filter(Boolean)
    .join(' · ')
  return (
    <View
      render="li"
      className="week-card"
      data-of={action.id}
      position="relative"
      borderTopWidth={1}
      borderColor="$rule"
      backgroundColor={choosing.isTogether ? '$brassWash' : undefined}
      paddingTop="$1"
      onKeyDown={onKeyDown}
    >
      <Press
        alignItems="flex-start"
        gap="$2"
        paddingTop="$1"
        minHeight={28}
        width="100%"
        onPress={(event) => choosing.press(event as unknown as MouseEvent)}
        aria-pressed={choosing.isTogether || undefined}
        data-row
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} size={20} />
        <Column flex={1} minWidth={0}>
          <Words
            size="second"
            weight={action.weight}
            tone={isOpen(action) ? undefined : 'inkSoft'}
            textDecorationLine={isOpen(action) ? 'none' : 'line-through'}
          >
            {action.title}
          </Words>
        </Column>
      </Press>
      <Words size="small" tone="inkSoft" paddingLeft="$7" paddingBottom="$2" render="p">
        {details || (isOpen(action) ? 'no minutes yet' : 'done')}
      </Words>
      <Row
        className="on-hover"
        position="absolute"
        right={0}
        bottom={3}
        backgroundColor="$slip"
        borderRadius={3}
      >
        <IconButton
          label={`Move ${action.title}`}
          icon="week"
          minHeight={32}
          height={32}
          width={32}
          minWidth={32}
          onPress={() => desk.getState().openSheet({ kind: 'move', id: action.id })}
        />
      </Row>
    </View>
  )
}
