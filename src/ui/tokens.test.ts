import { areaInks, lamp, paper } from './tokens'

/** Source: WCAG 2.2, relative luminance and contrast ratio. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5]
    .map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((value) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4)) as [
    number,
    number,
    number,
  ]
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
const contrast = (a: string, b: string): number => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}

describe.each([
  ['paper', paper],
  ['lamp', lamp],
])('in the %s theme', (_, theme) => {
  it.each(['ink', 'inkSoft', 'brass', 'moss', 'clay', 'slate', 'plum'] as const)(
    '%s can be read on every ground',
    (tone) => {
      for (const ground of ['desk', 'paper', 'slip'] as const)
        expect(contrast(theme[tone], theme[ground])).toBeGreaterThanOrEqual(4.5)
    },
  )
  it('chips, chosen options, the main button and the compartments can be read', () => {
    expect(contrast(theme.brass, theme.brassWash)).toBeGreaterThanOrEqual(4.5)
    expect(contrast(theme.ink, theme.brassWash)).toBeGreaterThanOrEqual(4.5)
    expect(contrast(theme.inkSoft, theme.brassWash)).toBeGreaterThanOrEqual(4.5)
    for (const tone of ['ink', 'inkSoft', 'slate'] as const)
      expect(contrast(theme[tone], theme.slateWash)).toBeGreaterThanOrEqual(4.5)
    expect(contrast(theme.onInk, theme.ink)).toBeGreaterThanOrEqual(4.5)
    expect(contrast(theme.traySoft, theme.tray)).toBeGreaterThanOrEqual(4.5)
  })
  it('the edges of fields and the parts of the gauge stand out', () => {
    for (const ground of ['desk', 'paper', 'slip'] as const)
      expect(contrast(theme.edge, theme[ground])).toBeGreaterThanOrEqual(3)
    expect(contrast(theme.moss, theme.slip)).toBeGreaterThanOrEqual(3)
    expect(contrast(theme.clayFill, theme.slip)).toBeGreaterThanOrEqual(3)
  })
})

it('the lettering of every seal can be read', () =>
  areaInks.forEach((ink) => expect(contrast(ink, '#FFFDF7')).toBeGreaterThanOrEqual(4.5)))
