// A router for tests that render: an address that can be read and moved, and nothing else.
import { createElement, useSyncExternalStore, type ReactNode } from 'react'

type Params = Record<string, string | undefined>
let place: { pathname: string; params: Params } = { pathname: '/', params: {} }
const listeners = new Set<() => void>()

function go(pathname: string, params: Params): void {
  place = { pathname, params }
  listeners.forEach((listener) => listener())
}

const usePlace = () =>
  useSyncExternalStore(
    (listener) => (listeners.add(listener), () => listeners.delete(listener)),
    () => place,
  )

export const address = {
  get: () => place,
  set: (pathname: string, params: Params = {}) => go(pathname, params),
}
const router = {
  navigate: (target: string | { pathname: string; params?: Params }) =>
    typeof target === 'string' ? go(target, {}) : go(target.pathname, target.params ?? {}),
  setParams: (params: Params) => go(place.pathname, { ...place.params, ...params }),
}
export const useRouter = () => router
export const usePathname = () => usePlace().pathname
export const useGlobalSearchParams = () => usePlace().params
export const useLocalSearchParams = () => usePlace().params
export const Link = ({ href, children, ...rest }: { href: string; children: ReactNode }) =>
  createElement('a', { href, ...rest }, children)
