// What loads before the first station works: the scripts named in the page and the chunk of the Tray, gzipped.
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './parts/setUp.mjs'

export const initialLimitBytes = 440_000

export function initialBytes() {
  const folder = join(root, 'dist', '_expo', 'static', 'js', 'web')
  const page = readFileSync(join(root, 'dist', 'index.html'), 'utf8')
  const named = [...page.matchAll(/_expo\/static\/js\/web\/([^"]+\.js)/g)].map((match) => match[1])
  const routes = readdirSync(folder).filter((name) => /^(_layout|index)-[0-9a-f]+\.js$/.test(name))
  return [...new Set([...named, ...routes])].reduce(
    (sum, name) => sum + statSync(join(folder, `${name}.gz`)).size,
    0,
  )
}
