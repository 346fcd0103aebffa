import { desk } from './desk'
import { loadOnDemand } from './loadOnDemand'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

const failing = (times: number) => {
  let left = times
  return jest.fn(() => (left-- > 0 ? Promise.reject(new Error('no connection')) : Promise.resolve('loaded')))
}

it('loads at once, and says nothing', async () => {
  const before = desk.getState().notice
  await expect(loadOnDemand(failing(0))).resolves.toBe('loaded')
  expect(desk.getState().notice).toBe(before)
})
it('says once that it failed, and tries again until it has loaded', async () => {
  const load = failing(3)
  const loading = loadOnDemand(load)
  await jest.advanceTimersByTimeAsync(0)
  const said = desk.getState().notice
  expect(said).toMatchObject({ problem: true, text: expect.stringContaining('connection') })
  await jest.advanceTimersByTimeAsync(2_000)
  await jest.advanceTimersByTimeAsync(10_000)
  expect(load).toHaveBeenCalledTimes(3)
  await jest.advanceTimersByTimeAsync(60_000)
  await expect(loading).resolves.toBe('loaded')
  expect(desk.getState().notice).toBe(said)
})
it('does not wait where the connection is back', async () => {
  const load = failing(1)
  const loading = loadOnDemand(load)
  await jest.advanceTimersByTimeAsync(0)
  window.dispatchEvent(new Event('online'))
  await expect(loading).resolves.toBe('loaded')
  expect(load).toHaveBeenCalledTimes(2)
})
