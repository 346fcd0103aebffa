// As many are underway as the person allows: which one is laid down for the new one.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { lists, select } from '@/state'
import { Button, Column, Press, SlideOver, Words } from '@/ui'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'
import { count, momentWords, shortened } from '@/words'

export function LayDownSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const action = useHeld((state) => recordIn(state.document, id))
  const underway = useHeld((state) => lists.underwayOf(state.document))
  const limit = useHeld((state) => select.settingsOf(state.document).underwayLimit)
  if (!action) return null
  return (
    <SlideOver title="Which one will you pause?" onClose={onClose}>
      <Words tone="inkSoft">
        {count(underway.length, 'action')} {underway.length === 1 ? 'is' : 'are'} underway, as many as you
        allow ({limit}). “{shortened(action.title)}” starts instead of:
      </Words>
      <Column render="ul" aria-label="Underway">
        {underway.map((each, at) => (
          <Column key={each.id} render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
            <Press
              autoFocus={at === 0}
              data-first-focus={at === 0 ? '' : undefined}
              minHeight={56}
              paddingHorizontal="$3.5"
              onPress={() => {
                const outcome = act(
                  'startInstead',
                  { id, insteadId: each.id },
                  { say: `Underway: ${shortened(action.title)}. Paused: ${shortened(each.title)}` },
                )
                if (outcome.ok) onClose()
              }}
            >
              <Column flex={1} minWidth={0}>
                <Words>{each.title}</Words>
                <Words size="second" tone="inkSoft">
                  underway since {momentWords(each.startedAtEpochMs ?? 0, clock.zone(), today)}
                </Words>
              </Column>
            </Press>
          </Column>
        ))}
      </Column>
      <Button kind="quiet" alignSelf="flex-start" label="Cancel" onPress={onClose} />
    </SlideOver>
  )
}
