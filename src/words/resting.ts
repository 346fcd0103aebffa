// What rests along with a project.
import type { OnDemand } from '@/state'
import { count } from './counts'

type Inside = ReturnType<OnDemand['shelves']['insideOf']>

/** ". Its 3 open actions rest with it" */
export const restsAlongWords = ({ projects, actions }: Inside): string => {
  const along = [
    projects > 0 ? count(projects, 'part') : null,
    actions > 0 ? count(actions, 'open action') : null,
  ].filter((part) => part !== null)
  return along.length === 0
    ? ''
    : `. Its ${along.join(' and ')} ${projects + actions === 1 ? 'rests' : 'rest'} with it`
}
