// The look in values. Roles are fixed; values reach WCAG 2.2 AA on slip, paper and desk (see tokens.test.ts).

export const paper = {
  desk: '#EFE9DC',
  paper: '#F8F4EA',
  slip: '#FFFDF7',
  rule: '#DDD3C0',
  edge: '#857A66',
  ink: '#25211B',
  inkSoft: '#615848',
  brass: '#85560F',
  brassWash: '#F3E8D3',
  brassOnInk: '#D8A84B',
  moss: '#48663A',
  mossWash: '#C3CFB6',
  clay: '#9E3F28',
  clayFill: '#B45F4A',
  slate: '#45586A',
  slateWash: '#DEE1E3',
  plum: '#684467',
  tray: '#2A1F1B',
  trayInk: '#F3EBDD',
  traySoft: '#C4B8A6',
  onInk: '#FFFDF7',
  plankEdge: '#A98C5B',
}

export const lamp: typeof paper = {
  desk: '#14120F',
  paper: '#1D1A16',
  slip: '#26221C',
  rule: '#3A342B',
  edge: '#8B8070',
  ink: '#EFE7D8',
  inkSoft: '#B5AA97',
  brass: '#D8A84B',
  brassWash: '#3A301C',
  brassOnInk: '#6B4409',
  moss: '#93B77F',
  mossWash: '#3F5236',
  clay: '#E08A6E',
  clayFill: '#B96A52',
  slate: '#9BB2C6',
  slateWash: '#2C343B',
  plum: '#C79BC4',
  tray: '#0C0A08',
  trayInk: '#EFE7D8',
  traySoft: '#B5AA97',
  onInk: '#1D1A16',
  plankEdge: '#6E5630',
}

/** Emoji are the system's own; where it has none, the shipped ones. */
const emoji = "'Apple Color Emoji', 'Segoe UI Emoji', 'Noto Color Emoji', 'Seal Emoji'"
export const faces = {
  body: `'Atkinson Hyperlegible Next', system-ui, sans-serif, ${emoji}`,
  heading: `'Literata', Georgia, serif, ${emoji}`,
} as const

export type Tone =
  'ink' | 'inkSoft' | 'brass' | 'moss' | 'clay' | 'slate' | 'plum' | 'onInk' | 'trayInk' | 'traySoft'

/** Twelve muted inks for seals; white lettering reaches 4.5 to 1 on each, in both themes. */
export const areaInks = [
  '#5B4A8A',
  '#2C6A66',
  '#8A4A2B',
  '#4F5A2E',
  '#7A4464',
  '#34598A',
  '#7A5C16',
  '#8A3D3D',
  '#3F6644',
  '#6A4F3C',
  '#46627A',
  '#6B4A7E',
] as const
