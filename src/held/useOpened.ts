// The one thing opened beside or over the station, named in the address so that it can be linked to.
import { useMedia } from '@tamagui/core'
import { useGlobalSearchParams, usePathname, useRouter } from 'expo-router'
import { useCallback } from 'react'
import type { Id, OpenableKind } from '@/core/record'
import { openingByKey } from './keepFocus'

export type OpenableId = Id<OpenableKind>

/**
 * Whatever stands in the address: the first of several, and nothing where it is empty. What is there to open is seen
 * then.
 */
function openedIn(open: string | string[] | undefined): OpenableId | null {
  const first = Array.isArray(open) ? open[0] : open
  return first ? (first as OpenableId) : null
}

export function useOpened(): {
  opened: OpenableId | null
  open: (id: OpenableId) => void
  close: () => void
  over: boolean
} {
  const params = useGlobalSearchParams<{ open?: string | string[] }>()
  const router = useRouter()
  const open = useCallback(
    (id: OpenableId) => {
      openingByKey()
      router.setParams({ open: id })
    },
    [router],
  )
  const { wide } = useMedia()
  // The week takes the whole width: what is opened there slides over it.
  const pathname = usePathname()
  const over = !wide || ['/week', '/sorting', '/settings'].includes(pathname)
  const close = useCallback(() => router.setParams({ open: undefined }), [router])
  return { opened: openedIn(params.open), open, close, over }
}
