// Where what is in reach is narrowed: by what, and one tap that takes it all again.
import { Icon, Press, Words } from '@/ui'
import { useHeldDocument } from '@/held/zen'
import { contextWords } from '@/words/contexts'
import { atHandWords, useReach } from './useReach'

export function OnlyWhatFits() {
  const { chosen, clear } = useReach()
  const document = useHeldDocument()
  const words = atHandWords(chosen, (id) => contextWords(document, id))
  return words === '' ? null : (
    <Press
      alignSelf="flex-start"
      gap="$1.5"
      marginTop="$2"
      onPress={clear}
      aria-label={`In reach shows only ${words}. Show all`}
    >
      <Words size="second" tone="brass">
        Only {words}
      </Words>
      <Icon name="close" size={16} tone="brass" />
    </Press>
  )
}
