import { placeMark, placeOf, type Marked } from './place'
import { rowAt, spotAt } from './spotAt'

/**
 * A band with two rows, a day beside it, and a row that stands in no place; `hit` is what lies under the pointer, the
 * topmost first.
 */
function laidOut() {
  document.body.innerHTML = `
    <div id="box">
      <div id="band" data-place="in picked"><ul>
        <li id="one" class="slip-row" data-of="action:one"><button id="words">one</button></li>
        <li id="two" class="slip-row" data-of="action:two"></li>
      </ul></div>
      <div id="day" data-place="day 2026-03-13"><li id="in-day" class="slip-row" data-of="action:three"></li></div>
      <li id="loose" class="slip-row" data-of="action:loose"></li>
    </div>
    <div id="elsewhere" data-place="in other"></div>
    <div id="friend" data-among="shelves"><div id="theirs" data-place="in theirs"></div></div>
    <dialog id="sheet"><p id="paper"></p></dialog>`
  const element = (id: string) => document.getElementById(id) as HTMLElement
  return (carried: string, ...hit: string[]) => {
    document.elementsFromPoint = () => hit.map(element)
    const spot = spotAt({ x: 1, y: 1 }, element('box'), element(carried))
    return spot && [spot.place, spot.element.id, spot.mark]
  }
}

it('what is carried is laid beside the row under the pointer, else into the place, and nowhere outside', () => {
  const at = laidOut()
  document.getElementById('box')?.setAttribute('data-among', 'shelves')
  const besideOne = [{ kind: 'row', in: 'picked', id: 'action:one' }, 'one', 'landing-row']
  const intoBand = [{ kind: 'in', in: 'picked' }, 'band', 'landing-place']
  const cases: [carried: string, hit: string[], spot: unknown][] = [
    ['two', ['words', 'one', 'band', 'box'], besideOne],
    // The row in the hand lies over the one it would be laid beside, and over its own place.
    ['two', ['two', 'words', 'one', 'band'], besideOne],
    ['one', ['words', 'one', 'band', 'box'], intoBand],
    ['two', ['in-day', 'day'], [{ kind: 'day', date: '2026-03-13' }, 'day', 'landing-place']],
    ['two', ['loose', 'box'], null],
    ['two', ['elsewhere'], null],
    // Another box of the same name takes it; a sheet hides what is behind it.
    ['two', ['theirs', 'friend'], [{ kind: 'in', in: 'theirs' }, 'theirs', 'landing-place']],
    ['two', ['paper', 'sheet', 'words', 'one', 'band'], null],
    ['two', [], null],
  ]
  for (const [carried, hit, spot] of cases) expect([hit, at(carried, ...hit)]).toEqual([hit, spot])
  expect(rowAt(document.getElementById('words') as Element)?.id).toBe('one')
})
it('a place is read back as it was marked, whatever its name', () => {
  const places: Marked[] = [
    { kind: 'hours', date: '2026-03-13' as never },
    { kind: 'in', in: 'picked' },
    { kind: 'in', in: 'project:a b\nc' },
    { kind: 'in', in: '' },
    { kind: 'day', date: '2026-03-13' as never },
  ]
  const element = document.createElement('div')
  for (const place of places) {
    element.dataset['place'] = placeMark(place)
    expect(placeOf(element)).toEqual(place)
  }
  element.dataset['place'] = 'beside picked'
  expect([placeOf(element), placeOf(null)]).toEqual([null, null])
})

it.each([
  ['a row, where the pointer is', 'row', 200 + 78, 540],
  ['a block, where it begins', 'block', 999, 605],
  ['above the hours, at the first', 'row', 10, 480],
  ['below them, at the last', 'row', 5000, 1075],
])('on the hours %s', (_, carried, y, at) => {
  document.body.innerHTML = `
    <div id="box"><ol id="hours" data-place="hours 2026-03-11" data-from="480" data-to="1080" data-an-hour="78">
      <li id="block" class="hours-block" data-of="action:one"></li></ol>
      <li id="row" class="slip-row" data-of="action:two"></li></div>`
  const element = (id: string) => document.getElementById(id) as HTMLElement
  element('hours').getBoundingClientRect = () => ({ top: 200 }) as DOMRect
  element('block').getBoundingClientRect = () => ({ top: 200 + (123 / 60) * 78 }) as DOMRect
  document.elementsFromPoint = () => [element('block'), element('hours')]
  const spot = spotAt({ x: 1, y }, element('box'), element(carried))
  expect(spot?.place).toEqual({ kind: 'hour', date: '2026-03-11', at })
  expect([spot?.mark, spot?.below]).toEqual(['landing-hour', ((at - 480) / 60) * 78])
})
