import { act, fireEvent, screen } from '@testing-library/react'
import type { TestStore } from '@/state/testing'
import { BackupAsk } from './BackupAsk'
import { showStation } from './testing'

const much = (store: TestStore) => {
  for (let at = 0; at < 25; at++) store.run('addAction', { title: `a${at}` })
}
const asked = () => screen.queryByRole('group', { name: 'Backup' })?.textContent
/** The store's clock is at 11 March 2026. */
async function begun(
  kept: Readonly<Record<string, string>> = {},
  furnish: (store: TestStore) => void = much,
) {
  const store = await showStation(<BackupAsk />, (fresh) => {
    furnish(fresh)
    for (const [name, day] of Object.entries(kept)) window.localStorage.setItem(`zen-tray:${name}`, day)
  })
  await act(async () => {})
  return store
}
beforeEach(() => window.localStorage.clear())

it('does not ask on the first day, and counts from it', async () => {
  await begun()
  expect([asked(), window.localStorage.getItem('zen-tray:backup-since')]).toEqual([undefined, '2026-03-11'])
})
it('asks after thirty days with the day of the last backup, and once a month', async () => {
  await begun({ 'backup-since': '2025-12-01', 'backup-saved': '2026-02-09' })
  expect(asked()).toContain('Your last backup is from Mon 9 Feb.')
  fireEvent.click(screen.getByRole('button', { name: 'Not now' }))
  expect([asked(), window.localStorage.getItem('zen-tray:backup-asked')]).toEqual([undefined, '2026-03-11'])
})
it.each<[string, string, (store: TestStore) => void]>([
  ['a backup of twenty-nine days ago', '2026-02-10', much],
  [
    'so few records that nothing would be lost',
    '2025-12-01',
    (store) => void store.run('addAction', { title: 'a' }),
  ],
  [
    'the setting that says never',
    '2025-12-01',
    (store) => {
      much(store)
      store.run('setSettings', { asksForBackup: false })
    },
  ],
])('does not ask with %s', async (_, saved, furnish) => {
  await begun({ 'backup-since': '2025-12-01', 'backup-saved': saved }, furnish)
  expect(asked()).toBeUndefined()
})
