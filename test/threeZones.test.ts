// Phrases mean the same wherever the machine that reads them believes to be.
import { execFileSync } from 'node:child_process'
import { join } from 'node:path'

it('sentences are read from five days the same in three zones, a day apart', () => {
  const script = join(__dirname, 'standIns', 'readInZones.mts')
  const printed = execFileSync(process.execPath, ['--import', 'tsx', script], { maxBuffer: 100_000_000 })
  const read = JSON.parse(String(printed)) as { offsetMinutes: number; found: string }[]
  expect(read.map(({ offsetMinutes }) => offsetMinutes)).toEqual([-840, 150, 660])
  const [first, ...others] = read.map(({ found }) => found)
  expect((first ?? '').length).toBeGreaterThan(100_000)
  for (const other of others) expect(other === first).toBe(true)
})
