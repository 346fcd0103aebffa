// What loads when something is opened, chosen or written.
import { lazy } from 'react'

const load = () => import('@/opened/Opened')
export const Opened = lazy(() => load().then((module) => ({ default: module.Opened })))
export const ChosenTogether = lazy(() => load().then((module) => ({ default: module.ChosenTogether })))
export const EditText = lazy(() => load().then((module) => ({ default: module.EditText })))
export const PageLists = lazy(() => load().then((module) => ({ default: module.PageLists })))
