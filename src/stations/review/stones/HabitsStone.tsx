import { recordIn } from '@/core/journal'
import { repeatsOf } from '@/state/read/roundLists'
import { lazyPart } from '@/ui/lazyPart'
import { Column, Press, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { StoneHead } from './StoneHead'

const HabitStrip = lazyPart(() => import('@/opened/Opened').then((opened) => opened.HabitStrip))
const few = 30

/** What keeps coming back: how it went, day by day; skipped is not missed. */
export function HabitsStone() {
  const document = useHeldDocument()
  const { open } = useOpened()
  const all = repeatsOf(document).flatMap((repeat) => {
    const action = recordIn(document, repeat.actionId)
    return action ? [{ repeat, action }] : []
  })
  return (
    <Column gap="$2.5">
      <StoneHead
        title={all.length === 0 ? 'Nothing repeats' : 'What keeps coming back'}
        says={all.length === 0 ? undefined : 'Does it still help? Is it too often, or not often enough?'}
      />
      <Column render="ul" aria-label="What repeats">
        {all.slice(0, few).map(({ repeat, action }) => (
          <Column key={repeat.id} render="li" paddingVertical="$2" borderBottomWidth={1} borderColor="$rule">
            <Press justifyContent="flex-start" minHeight={36} onPress={() => open(action.id)} data-row>
              <Words strong>{action.title}</Words>
            </Press>
            <HabitStrip repeat={repeat} />
          </Column>
        ))}
      </Column>
    </Column>
  )
}
