// Making from a template is offered by the Shelves and by the Week: it loads where it is first shown, through one door.
import { lazyPart } from '@/ui/lazyPart'

export const FromTemplate = lazyPart(() => import('./FromTemplate').then((module) => module.FromTemplate))
