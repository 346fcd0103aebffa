// Every chooser there is, behind the one door of useChooser: they load when the first is opened.
import { createElement } from 'react'
import { facetChoosers, isOfField } from '../facets'
import { chooserWords } from '@/words'
import type { ChooserProps } from './chooserProps'

export { MinutesChooser } from './ScaleChooser'
export { CountedChooser } from './CountedChooser'
export { AfterChooser } from './AfterChooser'
export { ProjectChooser } from './ProjectChooser'
export { GoalChooser } from './TowardChoosers'
export { NameChooser } from './NameChooser'
export { ReminderChooser } from './ReminderChooser'
export { RepeatChooser } from './RepeatChooser'
export { DayChooser } from './DayChooser'
export { HourChooser } from './HourChooser'
export { SaidAgain } from './SaidAgain'
export { LensChooser } from './lens/LensChooser'
export { LookChooser } from './LookChooser'
export { GrowSheet } from '../reshape/GrowSheet'
export { Reshaping } from '../reshape/Reshaping'
export { DuplicateBeside } from '../reshape/DuplicateBeside'

export const ActionChooser = ({ field, title = chooserWords[field], ...props }: ChooserProps) =>
  isOfField(field) ? createElement(facetChoosers[field], { title, ...props }) : null
