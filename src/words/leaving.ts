// Leaving shelves: what is inside, and what becomes of it.
import type { Later } from '@/state'
import { count } from './counts'

type Inside = ReturnType<Later['shelves']['insideOf']>
type Kind = 'group' | 'area' | 'project'

interface LeaveWords {
  readonly title: (name: string) => string
  readonly leave: string
  readonly move: string
  readonly rest: string
  readonly letGo: string
  readonly done: string
}

export const leaveWords: Readonly<Record<Kind, LeaveWords>> = {
  group: {
    title: (name) => `Close “${name}”?`,
    leave: 'Close it',
    move: 'Close it, its areas go to another group',
    rest: 'Close it with its areas, their projects rest',
    letGo: 'Close it, and let go of everything in it',
    done: 'Closed',
  },
  area: {
    title: (name) => `Close “${name}”?`,
    leave: 'Close it',
    move: 'Close it, all goes to another area',
    rest: 'Close it, its projects rest',
    letGo: 'Close it, and let go of everything in it',
    done: 'Closed',
  },
  project: {
    title: (name) => `Let go of “${name}”?`,
    leave: 'Let go of it',
    move: 'Let go of it, its actions go elsewhere',
    rest: 'Not now: it rests with its actions',
    letGo: 'Let go of it with its actions',
    done: 'Let go',
  },
}

/** "3 areas, 12 projects and 40 open actions are in it." */
export function insideWords(kind: Kind, { areas, projects, actions, kept }: Inside): string {
  const parts = [
    areas > 0 ? count(areas, 'area') : null,
    projects > 0 ? count(projects, 'project') : null,
    actions > 0 ? count(actions, 'open action') : null,
  ].filter((part) => part !== null)
  const stays =
    kept > 0
      ? ` ${count(kept, 'thing')} kept with it ${kept === 1 ? 'stays and is' : 'stay and are'} found by search.`
      : ''
  if (parts.length === 0) return `Nothing open is in it.${stays}`
  const [last] = parts.slice(-1)
  const all = parts.length === 1 ? last : `${parts.slice(0, -1).join(', ')} and ${last}`
  const isOne = areas + projects + actions === 1
  const resting =
    kind === 'project' ? '' : ' What rests is out of every list, and is there again when it is opened.'
  return `${all} ${isOne ? 'is' : 'are'} in it.${stays}${resting}`
}
