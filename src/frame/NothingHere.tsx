import { useRouter } from 'expo-router'
import { Button, Column, EmptyPlace } from '@/ui'
import { StationHead } from './StationHead'

/** For an address that leads nowhere. */
export function NothingHere() {
  const router = useRouter()
  return (
    <Column width="100%" maxWidth={560} alignSelf="center">
      <StationHead title="Nothing here" />
      <EmptyPlace says="This link leads nowhere. It may have been cut short.">
        <Button kind="main" label="Go to the Tray" onPress={() => router.navigate('/')} />
      </EmptyPlace>
    </Column>
  )
}
