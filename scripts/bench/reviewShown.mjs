// Figures of the Review: the look back over as many done actions as a file can hold, and the cards of the round.
import { at, base, longestBlock, ms, paintedAfter, untilTrue } from './parts.mjs'

const told = (times) => `${ms(at(times, 0.95))} (median ${ms(at(times, 0.5))})`
const radio = (name) =>
  `[...document.querySelectorAll('[role=radio]')].find((one) => one.textContent === '${name}').click()`
const button = (name) =>
  `[...document.querySelectorAll('button')].find((one) => (one.getAttribute('aria-label') ?? one.textContent) === '${name}').click()`
const sum = `document.querySelector('.group-sum')`

/** In a store of 200,000 done actions, as many a day as 400,000 in ten years. */
export async function lookBackFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/review`)
  await page.getByRole('tab', { name: 'Look back' }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(4000)
  const { longest } = await longestBlock(page, async () => {
    await page.getByRole('tab', { name: 'Look back' }).click()
    await page.getByRole('radio', { name: 'Year' }).waitFor()
    await page.getByRole('radio', { name: 'Year' }).click()
    await page.locator('.group-sum').first().waitFor()
    await page.waitForFunction(() => /done in [\d,]+ actions/.test(document.body.textContent ?? ''))
    await page.waitForTimeout(1500)
  })
  const years = []
  for (let round = 0; round < 8; round++) {
    await page.evaluate(radio('Week'))
    await page.waitForTimeout(300)
    years.push(
      await untilTrue(
        page,
        radio('Year'),
        `/[A-Z][a-z]+ \\d{4} –/.test(document.querySelector('h1').textContent) && ${sum}`,
      ),
    )
    await page.waitForTimeout(500)
  }
  // A year that was not looked at before.
  const fresh = []
  for (let round = 0; round < 3; round++) {
    const title = await page.locator('h1').textContent()
    const before = await page.getByText(/done in/).textContent()
    fresh.push(
      await untilTrue(
        page,
        button('The year before'),
        `document.querySelector('h1').textContent !== ${JSON.stringify(title)} && !document.body.textContent.includes(${JSON.stringify(before)})`,
      ),
    )
    await page.waitForTimeout(800)
  }
  await page.evaluate(button('This year'))
  await page.waitForTimeout(800)
  const groupings = []
  for (let round = 0; round < 8; round++) {
    const name = round % 2 ? 'Area' : 'Project'
    groupings.push(
      await untilTrue(
        page,
        radio(name),
        `document.querySelector('.group-title').textContent.startsWith('${name}')`,
      ),
    )
    await page.waitForTimeout(600)
  }
  await page.getByRole('radio', { name: 'Area', exact: true }).click()
  await page.waitForTimeout(500)
  await page.locator('.group-open').first().click()
  await page.locator('[data-tick]').first().waitFor()
  await page.waitForTimeout(500)
  const ticks = []
  for (let round = 0; round < 12; round++) {
    ticks.push(await paintedAfter(page, `document.querySelector('[data-tick]').click()`))
    await page.waitForTimeout(700)
  }
  await page.close()
  return [
    ['look back: a year shown that was counted before, painted, 95th percentile', told(years), '200 ms'],
    ['look back: a year shown that was not, painted', told(fresh), '200 ms'],
    [
      'look back: the longest block of the first year after a start',
      longest === 0 ? 'under 50 ms' : ms(longest),
      '50 ms',
    ],
    ['look back: another grouping of a year, painted, 95th percentile', told(groupings), '100 ms'],
    ['look back: after one tick, painted, 95th percentile', told(ticks), '50 ms'],
  ]
}

/** Questions about 200,000 done actions: until the answer is painted, and how long the screen was held meanwhile. */
export async function pastFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/review`)
  await page.getByRole('tab', { name: 'Look back' }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(4000)
  await page.getByRole('button', { name: 'Search' }).click()
  const line = page.getByRole('textbox', { name: 'Search for' })
  await line.fill('zebra')
  // What is found by words has its index first: it is no part of the question.
  await page.getByText(/Nothing found|found\./).waitFor({ timeout: 120_000 })
  const ask = (question) => `
    const line = document.querySelector('dialog[open] input')
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(line, ${JSON.stringify(question)})
    line.dispatchEvent(new Event('input', { bubbles: true }))`
  const answer = `document.querySelector('[aria-label=Answer]')`
  const questions = [
    'When did I last measure it?',
    'What did I do last year?',
    'How much time did I spend?',
    'Which projects have I not touched for six weeks?',
  ]
  const times = []
  const { longest } = await longestBlock(page, async () => {
    for (let round = 0; round < 12; round++) {
      await line.fill('')
      await page.waitForTimeout(300)
      const question = questions[round % questions.length]
      times.push(
        await untilTrue(
          page,
          ask(question),
          `${answer} && !/^(Looking…)?$/.test(${answer}.textContent.trim())`,
        ),
      )
      await page.waitForTimeout(200)
    }
  })
  await page.close()
  return [
    ['a question about 200,000 done actions answered, painted, 95th percentile', told(times), '300 ms'],
    ['the longest block of the screen while it is', longest === 0 ? 'under 50 ms' : ms(longest), '50 ms'],
  ]
}

/** With 2,000 projects and 100,000 actions. */
export async function roundFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/review`)
  await page.getByRole('button', { name: 'Start the review', exact: true }).click({ timeout: 120_000 })
  await page.getByRole('button', { name: /^Projects/ }).click()
  await page.locator('article').waitFor()
  await page.waitForTimeout(2000)
  const cards = []
  for (let round = 0; round < 23; round++) {
    const shown = await page.locator('article').getAttribute('aria-label')
    cards.push(
      await untilTrue(
        page,
        button('Moves on'),
        `document.querySelector('article')?.getAttribute('aria-label') !== ${JSON.stringify(shown)}`,
      ),
    )
    await page.waitForTimeout(300)
  }
  await page.close()
  return [
    [
      'the next card of the review with 2,000 projects and 100,000 actions, painted, 95th percentile',
      told(cards.slice(3)),
      '50 ms',
    ],
  ]
}
