// Whether everything due fits, in one sentence; behind it, promise by promise.
import { useHeldDocument, useToday } from '@/held/zen'
import { Press, Words } from '@/ui'
import { fitSentence } from '@/words/fit'
import { useFit } from './useFit'

export function FitSentence({ onSee }: { onSee: () => void }) {
  const fit = useFit()
  const document = useHeldDocument()
  const today = useToday()
  if (fit.points.length === 0) return null
  const { fits, short } = fitSentence(fit, document, today)
  return (
    <Press alignSelf="flex-start" justifyContent="flex-start" maxWidth="100%" onPress={onSee}>
      <Words size="second" tone={short === '' ? 'moss' : 'clay'} textAlign="left">
        {[fits, short].filter(Boolean).join(' ')}
      </Words>
    </Press>
  )
}
