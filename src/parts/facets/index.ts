// Which chooser sets what of an action; one that is missing does not compile. Reached through useChooser alone: the
// choosers load when the first is opened.
import type { FacetSetting } from '@/words/facets'
import { ShelfChooser } from '../choosers/ShelfChooser'
import { ContextChooser, PeopleChooser } from '../choosers/WhoChoosers'
import { at } from './at'
import { day } from './day'
import { due } from './due'
import { energy } from './energy'
import type { FacetChooser } from './facetChooser'
import { horizon } from './horizon'
import { link } from './link'
import { minutes } from './minutes'
import { notBefore } from './notBefore'
import { chase, signOff, since, waiting } from './waiting'
import { weight } from './weight'
import { worth } from './worth'

/** They set records of their own, and are opened with what those need (see useChooser). */
type OfItsOwn = 'after' | 'repeat' | 'reminder'

export const facetChoosers: Readonly<Record<Exclude<FacetSetting, OfItsOwn>, FacetChooser>> = {
  due,
  at,
  day,
  horizon,
  minutes,
  contextIds: ContextChooser,
  personIds: PeopleChooser,
  shelf: ShelfChooser,
  energy,
  payoff: worth,
  weight,
  notBefore,
  waiting,
  signOff,
  since,
  chase,
  link,
}

/** Whether a chooser is that of an action's field. */
export const isOfField = (field: string): field is keyof typeof facetChoosers =>
  Object.hasOwn(facetChoosers, field)
