import { Button, EmptyPlace } from '@/ui'
import { useDemo } from '@/held/demo'

/** For somebody new: a made-up practice to look around in. */
export function DemoOffer() {
  const { load, busy } = useDemo()
  return (
    <EmptyPlace says="Want to look around first? The demo lays out three months of a made-up acoustics practice. It can be removed again in the settings.">
      <Button
        label={busy ? 'Laying it out…' : 'Load the demo data'}
        onPress={() => void load()}
        disabled={busy}
      />
    </EmptyPlace>
  )
}
