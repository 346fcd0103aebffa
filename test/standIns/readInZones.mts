// Reads every sentence of the tables from five days, on a machine in each of three zones, and prints what was read: one
// text a zone. The zone of a process can only be set from within it, outside of a test.
import { makeNameIndex } from '../../src/core/sentence'
import { parseSentence } from '../../src/core/sentence/reader'
import { corpusSaid } from '../../src/core/testing/corpus'
import { stays, understood } from '../../src/core/testing/sentences'
import { calendarDateUnsafe } from '../../src/core/time'

const from = ['2026-03-11', '2026-03-13', '2026-03-15', '2026-04-30', '2028-02-29'].map(calendarDateUnsafe)
const zones = ['Pacific/Kiritimati', 'America/St_Johns', 'Pacific/Pago_Pago']
const said = [...understood.map(([text]) => text), ...stays.map(([text]) => text), ...corpusSaid]
const names = makeNameIndex([{ id: 'person:oda', name: 'Oda' }])

const read = zones.map((zone) => {
  process.env['TZ'] = zone
  const offsetMinutes = new Date('2026-03-11T12:00:00Z').getTimezoneOffset()
  const found = from.map((today) =>
    said.map((text) => parseSentence(text, { today, names, minute: 23 * 60 + 50 })),
  )
  return { zone, offsetMinutes, found: JSON.stringify(found) }
})
process.stdout.write(JSON.stringify(read))
