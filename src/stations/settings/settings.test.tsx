import { fireEvent, screen } from '@testing-library/react'
import { showStation } from '@/frame/testing'
import { select } from '@/state'
import { SettingsStation } from './SettingsStation'

describe('available hours', () => {
  const type = (label: string, text: string) => {
    const field = screen.getByRole('textbox', { name: label }) as HTMLInputElement
    // One key after the other, as they are typed.
    for (let end = 1; end <= text.length; end++)
      fireEvent.change(field, { target: { value: text.slice(0, end) } })
    return field
  }
  it('take ten as it is typed, and write that weekday alone', async () => {
    const store = await showStation(<SettingsStation />)
    const field = type('At most on Wednesday', '10')
    expect(field.value).toBe('10')
    fireEvent.blur(field)
    expect(select.settingsOf(store.api.getState().document).availableMinutes[2]).toBe(600)
    expect(store.api.getState().recent.at(-1)?.diff).toEqual([
      {
        kind: 'updated',
        id: 'settings:main',
        fields: { availableMinutes: [expect.anything(), expect.anything()] },
      },
    ])
    const [entry] = [...store.api.getState().document.settings.buckets].flatMap((bucket) => [
      ...(bucket?.values() ?? []),
    ])
    expect(Object.keys(entry?.own ?? {})).toEqual(['availableMinutes/2'])
  })
  it('refuse in words what is no number of hours, and keep it to be mended', async () => {
    const store = await showStation(<SettingsStation />)
    const field = type('At most on Monday', '30')
    fireEvent.blur(field)
    expect([field.value, screen.getByRole('alert').textContent]).toEqual(['30', 'Hours from 0 to 24.'])
    expect(store.api.getState().recent).toEqual([])
  })
})

describe('working hours', () => {
  const field = (name: string) => screen.getByRole('textbox', { name }) as HTMLInputElement
  const commit = (name: string, value: string) => {
    fireEvent.change(field(name), { target: { value } })
    fireEvent.blur(field(name))
  }
  it('are said as one writes them, weekday by weekday, and say what they cannot be', async () => {
    const store = await showStation(<SettingsStation />)
    const settings = () => select.settingsOf(store.api.getState().document)
    commit('Working hours on Friday', '9 to 12:30, 1:15pm - 5pm')
    expect(settings().workingHours).toEqual({
      '4': [
        { from: 540, to: 750 },
        { from: 795, to: 1020 },
      ],
    })
    expect(field('Working hours on Friday').value).toBe('9:00–12:30, 13:15–17:00')
    commit('Working hours on Saturday', 'off')
    commit('Working hours on Monday', 'all day long')
    expect(screen.getByRole('alert').textContent).toBe(
      'I can’t read that. Try 9 to 12:30, 13:15 to 18, or off.',
    )
    expect([field('Working hours on Saturday').value, Object.keys(settings().workingHours)]).toEqual([
      'off',
      ['4', '5'],
    ])
  })
  it('are told apart from private ones, until those are removed', async () => {
    const store = await showStation(<SettingsStation />)
    const settings = () => select.settingsOf(store.api.getState().document)
    fireEvent.click(screen.getByRole('button', { name: 'Add private hours' }))
    commit('Private hours on Monday', '19-21')
    commit('Private, at most on Monday', '1,5')
    expect([settings().privateHours['0'], settings().privateMinutes]).toEqual([
      [{ from: 1140, to: 1260 }],
      { '0': 90 },
    ])
    fireEvent.click(screen.getByRole('button', { name: 'Remove private hours' }))
    expect([settings().privateHours, settings().privateMinutes]).toEqual([{}, {}])
  })
})

it('days away are added by two days, said in one stretch and removed as one', async () => {
  const store = await showStation(<SettingsStation />)
  const available = (date: string) => select.availableMinutesOn(store.api.getState().document, date as never)
  fireEvent.click(screen.getByRole('button', { name: 'Add days away' }))
  const fill = (name: string, value: string) =>
    fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } })
  const save = () => fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  fill('From', 'whenever')
  save()
  expect(screen.getByRole('alert').textContent).toBe('Say a day to come. Try 12 june, or monday.')
  fill('From', '12 june')
  fill('To, with that day', '1 june')
  save()
  expect(screen.getByRole('alert').textContent).toBe('Say a day after the first. Try 19 june.')
  fill('To, with that day', '19 june')
  fill('What for', 'Skye')
  save()
  expect(['2026-06-11', '2026-06-12', '2026-06-19', '2026-06-22'].map(available)).toEqual([300, 0, 0, 300])
  expect(screen.getByRole('list', { name: 'Days away' }).textContent).toContain('Skye · 8 days')
  fireEvent.click(screen.getByRole('button', { name: /^Remove Away: Skye/ }))
  expect(available('2026-06-12')).toBe(300)
  expect(screen.queryByRole('list', { name: 'Days away' })).toBeNull()
})
