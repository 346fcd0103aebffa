import { act, screen } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { emptyLens } from '@/core/lens'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { onDemand } from '@/state/commands/onDemand'
import { showStation } from '@/frame/testing'
import { press } from '@/opened/testing'
import { useHeldDocument } from '@/held/zen'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { LensTools } from './lensTools'
import { PaperRows } from '@/parts/rows/PaperRows'
import { LensSheet } from './LensSheet'

const today = calendarDateUnsafe('2026-03-11')

function Shown() {
  const [lens] = recordsIn(useHeldDocument(), 'lens')
  return lens ? (
    <LensTools value={{ Carrying, DropPlace, PaperRows, findRow: () => {} }}>
      <LensSheet id={lens.id} lenses={onDemand.lenses} isPrinting={false} onOpen={() => {}} />
    </LensTools>
  ) : null
}

it('says what a lens of days ahead leaves out, and takes it in when asked', async () => {
  window.scrollTo = () => {}
  await showStation(<Shown />, (store) => {
    store.run('addAction', { title: 'order', due: { date: today, time: null } })
    store.run('addAction', { title: 'late', due: { date: addDays(today, -2), time: null } })
    store.run('addLens', {
      name: 'Today',
      lens: {
        ...emptyLens,
        conditions: [{ kind: 'date', field: 'due', span: { kind: 'today' }, not: false }],
      },
      face: {},
    })
  })
  await act(async () => {})
  expect(screen.getByText('1 overdue action is not in this list.')).toBeTruthy()
  expect(screen.queryByRole('checkbox', { name: 'late' })).toBeNull()
  press('Include what is overdue')
  expect(screen.getByRole('checkbox', { name: 'late' })).toBeTruthy()
  expect(screen.getByRole('checkbox', { name: 'order' })).toBeTruthy()
  expect(screen.queryByText(/not in this list/)).toBeNull()
})
