// Taking the demo data out again.
import { recordsIn } from '@/core/journal'
import { kinds } from '@/core/record'
import { demoMark } from '../demoMark'
import { diffOf, removed, type Command } from './command'

/** Removes every demo record. What the person made since stays, also where it stood in a demo project. */
export const removeDemo: Command<Record<string, never>> = (context) => {
  const { document } = context
  const kindsOfDemo = kinds.filter((kind) => kind !== 'settings')
  return diffOf(
    ...kindsOfDemo.flatMap((kind) =>
      recordsIn(document, kind)
        .filter(({ id }) => id.startsWith(`${kind}:${demoMark}`))
        .map(removed),
    ),
  )
}
