// The rings of the code: who may import whom, and no file in a circle.
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'

const source = resolve(__dirname, '..', 'src')
const filesIn = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) return filesIn(path)
    return /\.tsx?$/.test(name) && !/\.test\./.test(name) ? [path] : []
  })
const files = filesIn(source)

function targetOf(from: string, specifier: string): string | null {
  if (!specifier.startsWith('.') && !specifier.startsWith('@/')) return null
  const base = specifier.startsWith('@/')
    ? join(source, specifier.slice(2))
    : resolve(dirname(from), specifier)
  return (
    [base, `${base}.ts`, `${base}.tsx`, join(base, 'index.ts')].find((path) => files.includes(path)) ?? null
  )
}
interface Import {
  readonly specifier: string
  readonly target: string | null
  /** It is gone once the code runs, or comes later: no circle is made by it. */
  readonly isLoose: boolean
}
const fixed = /^(?:import|export)\s+(type\s)?[^'"]*?from\s+'([^']+)'/gm
const loose = /\bimport\('([^']+)'\)/g
const importsOf = (path: string): Import[] => {
  const text = readFileSync(path, 'utf8')
  const found = (specifier: string, isLoose: boolean): Import => ({
    specifier,
    target: targetOf(path, specifier),
    isLoose,
  })
  return [
    ...[...text.matchAll(fixed)].map(([, type, specifier]) => found(specifier as string, Boolean(type))),
    ...[...text.matchAll(loose)].map(([, specifier]) => found(specifier as string, true)),
  ]
}

const layerOf = (path: string): string =>
  relative(source, path)
    .split(/[/\\]/)[0]
    ?.replace(/\.tsx?$/, '') ?? ''
const front = ['core', 'state', 'ui', 'words']
const allowed: Record<string, readonly string[]> = {
  core: ['core'],
  state: ['core', 'state'],
  ui: ['ui'],
  words: ['core', 'state', 'words'],
  held: [...front, 'held'],
  parts: [...front, 'held', 'parts'],
  opened: [...front, 'held', 'parts', 'opened'],
  sheets: [...front, 'held', 'parts', 'sheets'],
  frame: [...front, 'held', 'parts', 'opened', 'sheets', 'frame'],
  stations: [...front, 'held', 'parts', 'opened', 'sheets', 'frame', 'stations'],
  app: ['app', 'stations', 'frame', 'held', 'boot', 'state', 'ui'],
  workers: ['core', 'state'],
  server: ['core', 'server'],
  boot: ['core', 'state', 'held', 'sheets'],
}
const corePackages = [
  '@emotion/weak-memoize',
  'valibot',
  'chrono-node/en',
  'minisearch',
  'fractional-indexing',
  'fflate',
  'rrule',
  'postal-mime',
  'html-to-text',
  'ical.js',
  'markdown-it',
  'node-diff3',
  'fastest-levenshtein',
  '@noble/hashes/sha2',
  '@noble/hashes/utils',
]

it('every import goes to a layer that may be imported', () => {
  const wrong = files.flatMap((path) =>
    importsOf(path).flatMap(({ target }) =>
      target && !allowed[layerOf(path)]?.includes(layerOf(target))
        ? [`${relative(source, path)} → ${relative(source, target)}`]
        : [],
    ),
  )
  expect(wrong).toEqual([])
})
it('a worker that reads the store has all of it: nothing loads in a worker later', () => {
  const reading = files.filter(
    (path) => path.includes(join('src', 'workers')) && readFileSync(path, 'utf8').includes('makeArchive('),
  )
  expect(reading.length).toBeGreaterThan(1)
  for (const path of reading) expect(readFileSync(path, 'utf8')).toContain('haveOnDemand(onDemand)')
})
it('core uses only the packages on its list', () => {
  const used = new Set(
    files
      // What tests are made from is no part of what runs.
      .filter((path) => layerOf(path) === 'core' && !path.includes(join('core', 'testing')))
      .flatMap((path) =>
        importsOf(path)
          .filter(({ specifier }) => !specifier.startsWith('.') && !specifier.startsWith('@/'))
          .map(({ specifier }) => specifier),
      ),
  )
  expect([...used].filter((name) => !corePackages.includes(name))).toEqual([])
})
it('core, state and words know nothing of the interface', () => {
  const bans: Readonly<Record<string, RegExp>> = {
    core: /^(?:react|expo|@tamagui|zustand)/,
    state: /^(?:react(?!-native-async-storage)|expo|@tamagui)/,
    words: /^(?:react|expo|@tamagui|zustand)/,
  }
  const wrong = files.flatMap((path) =>
    importsOf(path).flatMap(({ specifier }) =>
      bans[layerOf(path)]?.test(specifier) ? [`${relative(source, path)} → ${specifier}`] : [],
    ),
  )
  expect(wrong).toEqual([])
})
it('a route only renders its station', () => {
  const wrong = files
    .filter((path) => layerOf(path) === 'app' && !path.endsWith('_layout.tsx'))
    .flatMap((path) =>
      importsOf(path).flatMap(({ target }) =>
        target && !['app', 'stations', 'frame'].includes(layerOf(target)) ? [relative(source, target)] : [],
      ),
    )
  expect(wrong).toEqual([])
})
it('a station imports no other station', () => {
  const stationOf = (path: string) => relative(join(source, 'stations'), path).split(/[/\\]/)[0] as string
  const wrong = files
    .filter((path) => layerOf(path) === 'stations')
    .flatMap((path) =>
      importsOf(path).flatMap(({ target }) =>
        target && layerOf(target) === 'stations' && stationOf(path) !== stationOf(target)
          ? [`${relative(source, path)} → ${relative(source, target)}`]
          : [],
      ),
    )
  expect(wrong).toEqual([])
})
it('no file imports itself in a circle', () => {
  const graph = new Map(
    files.map((path) => [
      path,
      importsOf(path).flatMap(({ target, isLoose }) => (target && !isLoose ? [target] : [])),
    ]),
  )
  const done = new Set<string>()
  const circles: string[] = []
  const walk = (path: string, trail: readonly string[]) => {
    if (trail.includes(path))
      return void circles.push(
        [...trail.slice(trail.indexOf(path)), path].map((each) => relative(source, each)).join(' → '),
      )
    if (done.has(path)) return
    for (const next of graph.get(path) ?? []) walk(next, [...trail, path])
    done.add(path)
  }
  files.forEach((path) => walk(path, []))
  expect(circles).toEqual([])
})

it('two files never differ only in the case of a letter', () => {
  const folded = files.map((path) =>
    relative(source, path)
      .toLowerCase()
      .replace(/\.tsx?$/, ''),
  )
  expect(folded.filter((path, index) => folded.indexOf(path) !== index)).toEqual([])
})
it('words know nothing of state but its types', () => {
  const wrong = files
    .filter((path) => layerOf(path) === 'words')
    .flatMap((path) => [
      ...readFileSync(path, 'utf8').matchAll(/^import (?!type)\{([^}]*)\} from '@\/state[^']*'/gm),
    ])
    .filter(
      (match) => !match[1]?.split(',').every((name) => name.trim() === '' || name.trim().startsWith('type ')),
    )
  expect(wrong.map((match) => match[0])).toEqual([])
})
