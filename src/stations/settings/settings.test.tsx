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
