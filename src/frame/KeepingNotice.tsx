// When keeping fails or something kept cannot be read, it is said here at once, with what can be done.
import { Button, Column, Row, Words } from '@/ui'
import { saveAs } from '@/held/saveAs'
import { useSaveFile } from '@/held/useSaveFile'
import { keepingWords, refusalWords, unreadWords } from '@/words'
import { useHeld, useZen } from '@/held/zen'

export function KeepingNotice() {
  const { store } = useZen()
  const save = useSaveFile()
  const keeping = useHeld((state) => state.keeping)
  const asides = useHeld((state) => state.quarantined)
  const readOnly = useHeld((state) => state.readOnly)
  const unread = useHeld((state) => state.unread)
  if (keeping.kind !== 'failed' && unread === null && asides.length === 0 && !readOnly) return null
  return (
    <Column
      role="alert"
      gap="$2.5"
      padding="$3.5"
      marginVertical="$2.5"
      backgroundColor="$slip"
      borderWidth={1}
      borderColor="$clay"
      borderRadius={3}
    >
      {keeping.kind === 'failed' || unread !== null ? (
        <Row gap="$3" flexWrap="wrap" justifyContent="space-between">
          <Column flex={1} minWidth={240} gap="$1">
            {unread !== null ? <Words tone="clay">{unreadWords(unread)}</Words> : null}
            {keeping.kind === 'failed' ? <Words tone="clay">{keepingWords(keeping)}</Words> : null}
          </Column>
          <Row gap="$2" flexWrap="wrap">
            <Button label="Try again" onPress={() => void store.retry()} />
            <Button kind="quiet" label="Save a backup" onPress={() => void save()} />
          </Row>
        </Row>
      ) : null}
      {readOnly ? <Words tone="clay">{refusalWords({ kind: 'readOnly' })}</Words> : null}
      {asides.length > 0 ? (
        <Row gap="$3" flexWrap="wrap" justifyContent="space-between">
          <Words tone="clay" flex={1} minWidth={240}>
            {asides.length === 1 ? 'One part' : `${asides.length} parts`} of your data could not be read and
            {asides.length === 1 ? 'is' : 'are'} set aside. The rest is here.
          </Words>
          <Button
            label="Download it"
            onPress={() =>
              saveAs(
                'zen-tray-set-aside.json',
                new Blob([JSON.stringify(asides, null, 1)], { type: 'application/json' }),
              )
            }
          />
          <Button label="Remove it" onPress={() => void store.dropQuarantined()} />
        </Row>
      ) : null}
    </Column>
  )
}
