import { TamaguiProvider } from '@tamagui/core'
import { render, screen } from '@testing-library/react'
import { config } from '@/ui/tamagui.config'
import { Mishap } from './Mishap'

const at = (place: string, broken: boolean) => (
  <TamaguiProvider config={config} defaultTheme="light" disableInjectCSS>
    <p>the rest of the page</p>
    <Mishap place={place}>
      <Part broken={broken} />
    </Mishap>
  </TamaguiProvider>
)

function Part({ broken }: { broken: boolean }) {
  if (broken) throw new Error('planted')
  return <p>the part</p>
}

describe('a part that fails', () => {
  let silenced: jest.SpyInstance
  beforeEach(() => {
    silenced = jest.spyOn(console, 'error').mockImplementation(() => {})
  })
  afterEach(() => silenced.mockRestore())

  it('leaves the rest standing and offers a way on', () => {
    render(at('/day', true))
    expect(screen.getByText('the rest of the page')).toBeTruthy()
    expect(screen.getByRole('alert').textContent).toContain('Your data is safe')
    expect(screen.getByRole('button', { name: 'Load the page again' })).toBeTruthy()
  })
  it('stays away while the place is the same, and is tried again elsewhere', () => {
    const { rerender } = render(at('/day', true))
    rerender(at('/day', false))
    expect(screen.getByRole('alert')).toBeTruthy()
    rerender(at('/week', false))
    expect(screen.getByText('the part')).toBeTruthy()
  })
})
