// What loads when something is opened or chosen, and what is written down beside the shelves.
import { lazy } from 'react'

const load = () => import('@/opened/Opened')
export const Opened = lazy(() => load().then((module) => ({ default: module.Opened })))
export const ChosenTogether = lazy(() => load().then((module) => ({ default: module.ChosenTogether })))
export const PageLists = lazy(() => load().then((module) => ({ default: module.PageLists })))
