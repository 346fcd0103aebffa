// Once a month, quietly, at the Tray and the Review: whether to save a backup. One tap either way.
import { Button, Row, Words } from '@/ui'
import { useBackupAsk } from '@/held/backups'
import { useSaveFile } from '@/held/useSaveFile'
import { useToday } from '@/held/zen'
import { nearDate } from '@/words'

export function BackupAsk() {
  const { isDue, last, later } = useBackupAsk()
  const today = useToday()
  const save = useSaveFile()
  if (!isDue) return null
  return (
    <Row
      role="group"
      aria-label="Backup"
      gap="$2"
      flexWrap="wrap"
      justifyContent="space-between"
      borderBottomWidth={1}
      borderColor="$rule"
      paddingVertical="$1"
    >
      <Words size="second" tone="inkSoft" flexShrink={1}>
        {last
          ? `Your last backup is from ${nearDate(last, today)}.`
          : 'You have no backup on this device yet.'}
      </Words>
      <Row>
        <Button kind="quiet" label="Save a backup" onPress={() => void save()} />
        <Button kind="quiet" label="Not now" onPress={later} />
      </Row>
    </Row>
  )
}
