// The small picture of a picture; of any other file its ending, on a little sheet.
import { useEffect, useState } from 'react'
import type { NewFile } from '@/state'
import { useZen } from '@/held/zen'

/** An address for kept bytes that lasts as long as it is shown; null until they are read, and where they are gone. */
export function useBlobAddress(hash: NewFile['smallBlob'], type: string): string | null {
  const { blobs } = useZen()
  const [address, setAddress] = useState<string | null>(null)
  useEffect(() => {
    if (!hash) return
    let made: string | null = null
    let isShown = true
    void blobs()
      .then((port) => port.get(hash))
      .then((kept) => {
        if (!kept || !isShown) return
        made = URL.createObjectURL(new Blob([kept.bytes], { type }))
        setAddress(made)
      })
      .catch(() => {})
    return () => {
      isShown = false
      if (made) URL.revokeObjectURL(made)
      setAddress(null)
    }
  }, [blobs, hash, type])
  return address
}

const endingOf = (name: string): string => /\.([A-Za-z0-9]{1,4})$/.exec(name)?.[1]?.toLowerCase() ?? ''

export function SmallPicture({ file, side }: { file: Pick<NewFile, 'name' | 'smallBlob'>; side: number }) {
  const address = useBlobAddress(file.smallBlob, 'image/webp')
  return (
    <span className="small-picture" style={{ width: side, height: side }} aria-hidden>
      {address ? <img src={address} alt="" width={side} height={side} /> : endingOf(file.name)}
    </span>
  )
}
