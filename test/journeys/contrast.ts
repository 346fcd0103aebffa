// Contrast measured everywhere text is drawn (WCAG 2.2, success criteria 1.4.3 and 1.4.11): also where a checker that
// asks what lies over what cannot decide. Backgrounds are mixed from the ground up, see-through ones too; of a
// gradient the worst of its colours counts.
import type { Page } from '@playwright/test'

export interface Measured {
  /** Places looked at. */
  readonly places: number
  /** Those below what they need: the text, its contrast, what it needs. */
  readonly faults: readonly string[]
}

/** Every text, placeholder and icon of a button that can be seen on the page, wherever it is scrolled to. */
export const measureContrast = (page: Page): Promise<Measured> =>
  page.evaluate(() => {
    type Colour = readonly [number, number, number, number]
    const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
    const known = new Map<string, Colour>()
    /** Any colour of CSS as red, green, blue and alpha, 0 to 1. */
    const colourOf = (text: string): Colour => {
      const before = known.get(text)
      if (before) return before
      const parts = /^rgba?\(([\d.]+)[ ,]+([\d.]+)[ ,]+([\d.]+)(?:[ ,/]+([\d.]+))?\)$/.exec(text)
      let colour: Colour = [0, 0, 0, 0]
      if (parts)
        colour = [
          Number(parts[1]) / 255,
          Number(parts[2]) / 255,
          Number(parts[3]) / 255,
          Number(parts[4] ?? 1),
        ]
      else if (canvas) {
        canvas.clearRect(0, 0, 1, 1)
        canvas.fillStyle = text
        canvas.fillRect(0, 0, 1, 1)
        const [r, g, b, a] = canvas.getImageData(0, 0, 1, 1).data
        colour = [(r ?? 0) / 255, (g ?? 0) / 255, (b ?? 0) / 255, (a ?? 0) / 255]
      }
      known.set(text, colour)
      return colour
    }
    const over = ([r, g, b, a]: Colour, [r2, g2, b2]: Colour): Colour => [
      r * a + r2 * (1 - a),
      g * a + g2 * (1 - a),
      b * a + b2 * (1 - a),
      1,
    ]
    const light = ([r, g, b]: Colour): number => {
      const [x, y, z] = [r, g, b].map((part) =>
        part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4,
      )
      return 0.2126 * (x ?? 0) + 0.7152 * (y ?? 0) + 0.0722 * (z ?? 0)
    }
    const ratio = (a: Colour, b: Colour): number => {
      const [high, low] = [light(a), light(b)].sort((one, two) => two - one) as [number, number]
      return (high + 0.05) / (low + 0.05)
    }
    const fades = new Map<Element, number>()
    /** How much of an element is there, seen through everything around it. */
    const fadeOf = (element: Element | null): number => {
      if (!element) return 1
      const before = fades.get(element)
      if (before !== undefined) return before
      const fade = Number(getComputedStyle(element).opacity) * fadeOf(element.parentElement)
      fades.set(element, fade)
      return fade
    }
    /** A ground with another laid over it: of a gradient each colour is one. */
    const laidOver = (behind: readonly Colour[], element: Element): readonly Colour[] => {
      const { backgroundColor, backgroundImage } = getComputedStyle(element)
      const stops = (backgroundImage.match(/(?:rgba?|oklch|color)\([^()]*\)/g) ?? []).map(colourOf)
      const plain = behind.map((each) => over(colourOf(backgroundColor), each))
      return (
        stops.length > 0 ? plain.flatMap((each) => stops.map((stop) => over(stop, each))) : plain
      ).slice(0, 8)
    }
    const white: readonly Colour[] = [[1, 1, 1, 1]]
    const grounds = new Map<Element, readonly Colour[]>()
    /** What the elements around one lay behind it. */
    const around = (element: Element | null): readonly Colour[] => {
      if (!element) return white
      const before = grounds.get(element)
      if (before) return before
      // A sheet lies over its backdrop, and not over the page it is written in.
      const found = laidOver(around(element.matches('dialog[open]') ? null : element.parentElement), element)
      grounds.set(element, found)
      return found
    }
    /** In sight, what is drawn there under it counts, whether it is around it or beside it. */
    const groundsOf = (element: Element): readonly Colour[] => {
      const { left, top, width, height } = element.getBoundingClientRect()
      const stack = document.elementsFromPoint(left + width / 2, top + height / 2)
      if (stack.length === 0) return around(element)
      // What nothing can press is not in the stack: everything there lies under it.
      const under = stack.slice(Math.max(0, stack.indexOf(element)))
      return under.reverse().reduce(laidOver, white)
    }
    const isSeen = (element: Element): boolean => {
      const box = element.getBoundingClientRect()
      if (box.width < 2 || box.height < 2 || fadeOf(element) === 0) return false
      if (element.closest('.visually-hidden, [inert], .mirror')) return false
      return element.checkVisibility({ checkVisibilityCSS: true, checkOpacity: true })
    }
    const isOff = (element: Element): boolean => element.closest(':disabled, [aria-disabled=true]') !== null
    const topSheet = [...document.querySelectorAll('dialog[open]')].at(-1) ?? document.body
    const faults: string[] = []
    let places = 0
    const look = (element: Element, colour: string, needs: number, what: string) => {
      places += 1
      const [r, g, b, a] = colourOf(colour)
      const ink: Colour = [r, g, b, a * fadeOf(element)]
      const worst = Math.min(...groundsOf(element).map((ground) => ratio(over(ink, ground), ground)))
      if (worst < needs) faults.push(`“${what.trim().slice(0, 60)}” ${worst.toFixed(2)} of ${needs}`)
    }
    const needsOf = ({ fontSize, fontWeight }: CSSStyleDeclaration): number => {
      const size = parseFloat(fontSize)
      return size >= 24 || (size >= 18.66 && Number(fontWeight) >= 700) ? 3 : 4.5
    }
    const walker = document.createTreeWalker(topSheet, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement
      const text = node.textContent ?? ''
      if (!element || !/[\p{L}\p{N}]/u.test(text) || element.closest('script, style, option, noscript'))
        continue
      if (!isSeen(element) || isOff(element)) continue
      const style = getComputedStyle(element)
      const isDrawn = element instanceof SVGElement
      look(element, isDrawn ? style.fill : style.color, needsOf(style), text)
    }
    for (const field of topSheet.querySelectorAll<HTMLInputElement>(
      'input[placeholder], textarea[placeholder]',
    )) {
      if (!isSeen(field) || isOff(field)) continue
      const style = getComputedStyle(field, '::placeholder')
      if (field.value === '') look(field, style.color, needsOf(getComputedStyle(field)), field.placeholder)
      else look(field, getComputedStyle(field).color, 4.5, field.value)
    }
    for (const icon of topSheet.querySelectorAll('button svg, a svg')) {
      const button = icon.closest('button, a') as Element
      if (!isSeen(icon) || isOff(button) || (button.textContent ?? '').trim() !== '') continue
      const stroke = getComputedStyle(icon).stroke
      const colour = stroke === 'none' ? getComputedStyle(icon).color : stroke
      look(icon, colour, 3, `icon of ${button.getAttribute('aria-label') ?? ''}`)
    }
    return { places, faults: [...new Set(faults)] }
  })
