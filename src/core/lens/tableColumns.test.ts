import { emptyLens, sortFields, type Lens, type SortField } from './lens'
import {
  columnsIn,
  columnWidths,
  detailsIn,
  sortedBy,
  withColumns,
  withDetails,
  withWidth,
} from './tableColumns'

const fields = (columns: Parameters<typeof columnsIn>[0]) => columnsIn(columns).map(({ field }) => field)

test('the columns of a table: the usual ones until some are chosen, in their order, each as wide as it was made', () => {
  expect(fields({})[0]).toBe('shelf')
  const chosen = withColumns({}, ['due', 'minutes', 'weight'])
  expect(fields(chosen)).toEqual(['due', 'minutes', 'weight'])
  const wider = withWidth(chosen, 'minutes', 201.4)
  expect(columnsIn(wider)[1]).toEqual({ field: 'minutes', width: 201 })
  // Put elsewhere, one moved one gets a new rank and every one keeps its width.
  const moved = withColumns(wider, ['weight', 'due', 'minutes'])
  expect(fields(moved)).toEqual(['weight', 'due', 'minutes'])
  expect(moved.minutes?.width).toBe(201)
  expect(
    Object.entries(moved).filter(([field, { rank }]) => wider[field as 'due']?.rank === rank),
  ).toHaveLength(1)
  // The usual ones become chosen with the first that is sized; what is none of them changes nothing.
  expect(columnsIn(withWidth({}, 'due', 9999)).find(({ field }) => field === 'due')?.width).toBe(
    columnWidths.most,
  )
  expect(withWidth(chosen, 'age', 300)).toEqual(chosen)
  expect(columnsIn(withWidth(chosen, 'due', -4))[0]?.width).toBe(columnWidths.least)
})

test('the details of a row stand in the order they were put in, and one that moves leaves the others their ranks', () => {
  const first = withDetails({}, ['shelf', 'minutes', 'due'])
  expect(detailsIn(first)).toEqual(['shelf', 'minutes', 'due'])
  const moved = withDetails(first, ['due', 'shelf', 'minutes'])
  expect(detailsIn(moved)).toEqual(['due', 'shelf', 'minutes'])
  expect(moved.minutes).not.toBe(undefined)
  expect(
    Object.entries(moved).filter(([field, rank]) => first[field as 'due'] === rank).length,
  ).toBeGreaterThan(0)
  expect(detailsIn({})).toEqual([])
})

test('a head that is pressed sorts first, then the other way round, then no more; the other sorts stay behind it', () => {
  const said = (lens: Lens) => lens.sorts.map(({ by, down }) => `${by}${down ? ' down' : ''}`)
  const lens: Lens = {
    ...emptyLens,
    sorts: [
      { by: 'due', down: false },
      { by: 'title', down: true },
    ],
  }
  const first = sortedBy(lens, 'minutes')
  expect(said(first)).toEqual(['minutes', 'due', 'title down'])
  expect(said(sortedBy(first, 'minutes'))).toEqual(['minutes down', 'due', 'title down'])
  expect(said(sortedBy(sortedBy(first, 'minutes'), 'minutes'))).toEqual(['due', 'title down'])
  // One that stood behind comes first as usual, whichever way it went.
  expect(said(sortedBy(lens, 'title'))).toEqual(['title', 'due'])
  const full = sortFields.slice(0, 6).reduce(sortedBy, emptyLens)
  expect(said(sortedBy(full, sortFields[7] as SortField))).toHaveLength(6)
})
