// The one thing opened beside or over the station, named in the address so that it can be linked to.
import { useGlobalSearchParams, useRouter } from 'expo-router'
import { useCallback } from 'react'
import type { Id } from '@/core/record'

export type OpenableId = Id<'action'> | Id<'project'> | Id<'slip'> | Id<'reference'> | Id<'area'> | Id<'person'> | Id<'context'> | Id<'group'>

export function useOpened(): { opened: OpenableId | null; open: (id: OpenableId) => void; close: () => void } {
  const params = useGlobalSearchParams<{ open?: string }>()
  const router = useRouter()
  const open = useCallback((id: OpenableId) => router.setParams({ open: id }), [router])
  const close = useCallback(() => router.setParams({ open: undefined }), [router])
  return { opened: params.open?.includes(':') ? (params.open as OpenableId) : null, open, close }
}
