// What the service worker stored for the page (public/share-target.js), read once.
import type { Shared } from '@/core/setdown'

export interface SharedHere extends Shared {
  readonly files: readonly File[]
}

/** Null where nothing is stored under this name: it was read before, or was lost. */
export async function takeUpShared(id: string): Promise<SharedHere | null> {
  const cache = await caches.open('shared')
  const kept = await cache.match(`/shared/${id}`)
  if (!kept) return null
  const { names, ...words } = (await kept.json()) as Shared & { names: readonly string[] }
  const files = await Promise.all(
    names.map(async (name, at) => {
      const blob = await (await cache.match(`/shared/${id}/${at}`))?.blob()
      return blob ? [new File([blob], name, { type: blob.type })] : []
    }),
  )
  return { ...words, files: files.flat() }
}

/** Deletes what was read, once it is in the Tray. */
export async function forgetShared(id: string): Promise<void> {
  const cache = await caches.open('shared')
  const keys = await cache.keys()
  const own = keys.filter(({ url }) => new URL(url).pathname.startsWith(`/shared/${id}`))
  await Promise.all(own.map((key) => cache.delete(key)))
}
