// Tamagui with the look's own tokens. Imported once, by the root layout and by tests that render.
import { createFont, createTamagui, createTokens } from '@tamagui/core'
import { faces, lamp, paper } from './tokens'

const size = { 0: 0, 1: 4, 2: 8, 3: 12, 4: 16, 5: 20, 6: 24, 8: 32, 10: 40, 11: 44, true: 16 }
/** Space in steps of four pixels, and the halves between: a raw number does not compile. */
const space = {
  '-7': -28,
  '-6': -24,
  '-5.5': -22,
  '-4': -16,
  '-3': -12,
  '-2': -8,
  '-1': -4,
  '-0.5': -2,
  0: 0,
  0.5: 2,
  1: 4,
  1.5: 6,
  2: 8,
  2.5: 10,
  3: 12,
  3.5: 14,
  4: 16,
  4.5: 18,
  5: 20,
  5.5: 22,
  6: 24,
  7: 28,
  11: 44,
  13: 52,
  23: 92,
  true: 16,
}
const tokens = createTokens({
  size,
  space,
  radius: { 0: 0, 1: 3, 2: 6, true: 3 },
  zIndex: { 0: 0, 1: 10, 2: 20, 3: 30 },
  color: { ink: paper.ink },
})

/** Sizes in rem at use (see Words): text grows with the reader's own setting. */
const fontOf = (family: string) =>
  createFont({
    family,
    size: { 4: 16, true: 16 },
    lineHeight: { 4: 24, true: 24 },
    weight: { 4: '400', 6: '600' },
    letterSpacing: { 4: 0 },
  })

export const config = createTamagui({
  tokens,
  themes: { light: paper, dark: lamp },
  fonts: {
    body: fontOf(faces.body),
    heading: fontOf(faces.heading),
  },
  media: { wide: { minWidth: 900 }, roomy: { minWidth: 1180 } },
  settings: {
    defaultFont: 'body',
    shouldAddPrefersColorThemes: false,
    onlyAllowShorthands: false,
    allowedStyleValues: {
      space: 'somewhat-strict-web',
      size: false,
      radius: false,
      zIndex: false,
      color: false,
    },
    addThemeClassName: 'html',
  },
})

type Config = typeof config
declare module '@tamagui/core' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- Tamagui learns our tokens this way
  interface TamaguiCustomConfig extends Config {}
}
