// All text. Sizes are in rem, so that it grows with the reader's own setting.
import { styled, Text } from '@tamagui/core'

const rem = (px: number) => `${px / 16}rem`
const size = (px: number, line: number) => ({
  fontSize: rem(px) as unknown as number,
  lineHeight: rem(line) as unknown as number,
})

export const Words = styled(Text, {
  fontFamily: '$body',
  color: '$ink',
  ...size(16, 23),
  variants: {
    size: {
      body: {},
      second: size(14, 20),
      small: size(13, 18),
      large: size(18, 26),
      title: { fontFamily: '$heading', fontWeight: '500', ...size(20, 26) },
      heading: { fontFamily: '$heading', fontWeight: '500', ...size(29, 36) },
      caps: { ...size(13, 18), letterSpacing: 1.2, textTransform: 'uppercase' },
    },
    tone: {
      ink: { color: '$ink' },
      inkSoft: { color: '$inkSoft' },
      brass: { color: '$brass' },
      moss: { color: '$moss' },
      clay: { color: '$clay' },
      slate: { color: '$slate' },
      plum: { color: '$plum' },
      onInk: { color: '$onInk' },
      trayInk: { color: '$trayInk' },
      traySoft: { color: '$traySoft' },
    },
    /** Must, should and could, by the ink alone. */
    weight: { must: { fontWeight: '700' }, should: {}, could: { color: '$inkSoft' } },
    strong: { true: { fontWeight: '600' } },
    oneLine: {
      true: { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', maxWidth: '100%' },
    },
    struck: { true: { textDecorationLine: 'line-through', color: '$inkSoft' } },
  } as const,
})
