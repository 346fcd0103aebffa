// Figures of the shelves with 2,000 projects and 100,000 actions: opened, folded, carried; a large project, a time
// line with its finish ranges, a long template.
import { at, base, framesOf, longestBlock, ms, paintedAfter, untilShown, untilTrue } from './parts.mjs'

const told = (times) => `${ms(at(times, 0.95))} (median ${ms(at(times, 0.5))})`
const link = (name) =>
  `[...document.querySelectorAll('nav a')].find((to) => to.textContent.startsWith('${name}')).click()`
const button = (name) =>
  `[...document.querySelectorAll('button')].find((one) => (one.getAttribute('aria-label') ?? one.textContent) === '${name}').click()`

async function repeated(rounds, act) {
  const times = []
  for (let round = 0; round < rounds; round++) times.push(await act(round))
  return told(times.slice(3))
}

async function ofShelves(page) {
  await page.goto(`${base}/shelves`)
  await page.locator('.shelf-card').first().waitFor({ timeout: 120_000 })
  await page.waitForTimeout(4000)
  const opened = await repeated(23, async () => {
    await page.evaluate(link('Review'))
    await page.getByRole('heading', { level: 1, name: /review/i }).waitFor()
    await page.waitForTimeout(300)
    const took = await untilShown(page, link('Shelves'), '.shelf-card[data-of^="project:"]')
    await page.waitForTimeout(500)
    return took
  })
  const folded = await repeated(24, async (round) => {
    const took = await paintedAfter(page, button(round % 2 ? 'Unfold Group 0' : 'Fold Group 0'))
    await page.waitForTimeout(400)
    return took
  })
  const carried = await repeated(24, async (round) => {
    const key = round % 2 ? 'ArrowLeft' : 'ArrowRight'
    const took = await paintedAfter(
      page,
      `document.querySelector('.shelf-card[data-of="project:p0"] [data-row]').dispatchEvent(new KeyboardEvent('keydown', { key: '${key}', altKey: true, bubbles: true, cancelable: true }))`,
    )
    await page.waitForTimeout(400)
    return took
  })
  const goal = '100 ms'
  return [
    ['shelves with 2,000 projects and 100,000 actions opened to painted, 95th percentile', opened, goal],
    ['a group there folded or unfolded to painted, 95th percentile', folded, goal],
    ['a project there carried to the next place to painted, 95th percentile', carried, goal],
  ]
}

async function ofLargest(page) {
  await page.goto(`${base}/shelves`)
  await page.locator('.shelf-card[data-of="project:large"]').waitFor({ timeout: 120_000 })
  await page.waitForTimeout(3000)
  const opened = await repeated(23, async () => {
    const took = await untilTrue(
      page,
      `document.querySelector('.shelf-card[data-of="project:large"] [data-row]').click()`,
      `document.querySelector('[data-tick]')`,
    )
    await page.getByRole('button', { name: 'Close' }).first().click()
    await page.waitForTimeout(400)
    return took
  })
  return [['a project of 3,000 actions opened to painted, 95th percentile', opened, '150 ms']]
}

async function ofPerson(page) {
  await page.goto(`${base}/shelves?part=persons`)
  await page.getByRole('button', { name: /^Kofi Mensah/ }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(3000)
  const opened = await repeated(23, async () => {
    const took = await untilTrue(
      page,
      `[...document.querySelectorAll('[data-row]')].find(({ textContent }) => textContent.startsWith('Kofi')).click()`,
      `document.querySelector('[data-tick]') && document.querySelector('.fact-row')`,
    )
    await page.getByRole('button', { name: 'Close' }).first().click()
    await page.waitForTimeout(400)
    return took
  })
  return [
    ['a person with 2,000 remarks and 500 actions opened to painted, 95th percentile', opened, '100 ms'],
  ]
}

async function ofTimeLine(page) {
  await page.goto(`${base}/shelves`)
  /** Opens the choice of views, which stands open when what is measured begins. */
  const views = async (name) => {
    await page.getByRole('button', { name: 'View', exact: true }).click({ timeout: 120_000 })
    await page.getByRole('dialog', { name: 'View' }).getByRole('button', { name }).waitFor()
  }
  await views('Time line')
  await page.evaluate(button('Time line'))
  await page.locator('.time-row').first().waitFor()
  await page.getByRole('checkbox', { name: 'with actions' }).click()
  await page.waitForTimeout(2000)
  await views('Shelves')
  await page.evaluate(button('Shelves'))
  await page.locator('.shelf-card').first().waitFor()
  await page.waitForTimeout(1500)
  await views('Time line')
  let took = 0
  const { longest } = await longestBlock(page, async () => {
    took = await untilTrue(
      page,
      button('Time line'),
      "[...document.querySelectorAll('.time-says')].some(({ textContent }) => textContent.includes('at your pace'))",
    )
  })
  const down = await framesOf(page, '.time-box', 0, 90)
  const across = await framesOf(page, '.time-box', 12, 0)
  await views('Shelves')
  await page.evaluate(button('Shelves'))
  return [
    [
      'a time line of 2,000 projects opened to its finish ranges of 200 shown; longest block meanwhile',
      `${ms(took)}, ${longest === 0 ? 'under 50 ms' : ms(longest)}`,
      '1 s, 50 ms',
    ],
    [
      'scrolling that time line down and along: 95th percentile frame',
      `${told(down)}, ${told(across)}`,
      'under 34 ms',
    ],
  ]
}

async function ofTemplate(page) {
  await page.goto(`${base}/shelves`)
  await page.getByRole('radio', { name: 'Templates' }).click({ timeout: 120_000 })
  await page.getByRole('button', { name: /^Use A long template/ }).click()
  await page.getByRole('textbox', { name: 'Place' }).fill('Mill school')
  await page.waitForTimeout(800)
  const press =
    "const input = [...document.querySelectorAll('dialog input, dialog textarea')].find((one) => one.getAttribute('aria-label') === 'Place' || one.labels?.[0]?.textContent === 'Place'); Object.getOwnPropertyDescriptor(Object.getPrototypeOf(input), 'value').set.call(input, given); input.dispatchEvent(new Event('input', { bubbles: true }))"
  const times = []
  for (let round = 0; round < 24; round++) {
    times.push(await paintedAfter(page, press, `Mill school ${'x'.repeat(round % 7)}`))
    await page.waitForTimeout(120)
  }
  return [
    [
      'a template of 200 actions previewed anew at a key, painted, 95th percentile',
      told(times.slice(3)),
      '100 ms',
    ],
  ]
}

export async function shelfFigures(context) {
  const page = await context.newPage()
  const rows = [
    ...(await ofShelves(page)),
    ...(await ofLargest(page)),
    ...(await ofPerson(page)),
    ...(await ofTemplate(page)),
    ...(await ofTimeLine(page)),
  ]
  await page.close()
  return rows
}
