import { Button, EmptyPlace } from '@/ui'
import { useDemo } from '@/held/demo'

/** For somebody new: a made-up practice to look around in. */
export function DemoOffer() {
  const { load, busy } = useDemo()
  return (
    <EmptyPlace says="Want to look around first? The demo shows three months of a made-up acoustics practice. You can remove it in Settings.">
      <Button label={busy ? 'Loading…' : 'Load the demo data'} onPress={() => void load()} disabled={busy} />
    </EmptyPlace>
  )
}
