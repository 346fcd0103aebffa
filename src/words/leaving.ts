// Leaving shelves: what is inside, and what becomes of it.
import type { OnDemand } from '@/state'
import { count } from './counts'

type Inside = ReturnType<OnDemand['shelves']['insideOf']>
type Kind = 'group' | 'area' | 'project'

interface LeaveWords {
  readonly title: (name: string) => string
  readonly leave: string
  readonly move: string
  readonly rest: string
  readonly letGo: string
  readonly done: string
}

export const leaveWords: Readonly<Record<Kind | 'finished', LeaveWords>> = {
  group: {
    title: (name) => `Close “${name}”?`,
    leave: 'Close the group',
    move: 'Close the group, its areas go to another',
    rest: 'Close the group with its areas, their projects rest',
    letGo: 'Close the group, and let go of everything in it',
    done: 'Closed',
  },
  area: {
    title: (name) => `Close “${name}”?`,
    leave: 'Close the area',
    move: 'Close the area, all goes to another',
    rest: 'Close the area, its projects rest',
    letGo: 'Close the area, and let go of everything in it',
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
  finished: {
    title: (name) => `Finish “${name}”?`,
    leave: 'Finish it',
    move: 'Finish it, its actions go elsewhere',
    rest: 'Not now: it rests with its actions',
    letGo: 'Finish it, and let go of its actions',
    done: 'Finished',
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
  const resting = kind === 'project' ? '' : ' What rests is left out of every list until it is reopened.'
  return `${all} ${isOne ? 'is' : 'are'} in it.${stays}${resting}`
}
