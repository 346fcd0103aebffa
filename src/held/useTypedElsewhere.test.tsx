import { screen } from '@testing-library/react'
import { useLayoutEffect } from 'react'
import { showStation } from '@/frame/testing'
import { useDraft } from '@/parts/capture/useDraft'
import { useZen } from './zen'

/** Takes over what a closed tab has left after everything was drawn, and before anything listens. */
function TakingOver() {
  const { memory } = useZen()
  useLayoutEffect(() => {
    memory.typed.renameTab('closed')
    memory.typed.write('draft', JSON.stringify({ text: 'half a thought', takenOff: [], files: [] }))
    memory.typed.renameTab('one')
    memory.typed.adopt(['closed'])
  }, [memory])
  return null
}

function Line() {
  const [{ text }] = useDraft()
  return <p>{text === '' ? 'nothing' : text}</p>
}

it('hears what came in between its drawing and its first listening', async () => {
  await showStation(
    <>
      <Line />
      <TakingOver />
    </>,
    () => {},
  )
  expect(screen.getByText('half a thought')).toBeTruthy()
})
