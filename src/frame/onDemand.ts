// The parts of the frame that load when something is opened or chosen.
import { lazy } from 'react'

const load = () => import('@/opened/Opened')
export const Opened = lazy(() => load().then((module) => ({ default: module.Opened })))
export const ChosenTogether = lazy(() => load().then((module) => ({ default: module.ChosenTogether })))
