// Files, links and words dropped anywhere on the page lie with the thought that is being typed.
import { useEffect, useRef, useState } from 'react'
import { clippedLink, clippedText } from './clipped'

interface Dropping {
  readonly onFiles: (files: readonly File[]) => void
  readonly onText: (text: string) => void
}

const brings = (event: DragEvent): boolean =>
  [...(event.dataTransfer?.types ?? [])].some((type) =>
    ['Files', 'text/uri-list', 'text/plain'].includes(type),
  )
/** A field takes dropped words itself. */
const isField = (event: DragEvent): boolean =>
  !event.dataTransfer?.types.includes('Files') &&
  !!(event.target as HTMLElement | null)?.closest?.('input, textarea')

/** Whether something that can be dropped here is over the page. */
export function useDropping(dropping: Dropping): boolean {
  const [isOver, setOver] = useState(false)
  const latest = useRef(dropping)
  useEffect(() => {
    latest.current = dropping
  })
  useEffect(() => {
    const onOver = (event: DragEvent) => {
      if (!brings(event) || isField(event)) return
      event.preventDefault()
      setOver(true)
    }
    const onLeave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false)
    }
    const onDrop = (event: DragEvent) => {
      setOver(false)
      const data = event.dataTransfer
      if (!data || !brings(event) || isField(event)) return
      event.preventDefault()
      if (data.files.length > 0) return latest.current.onFiles([...data.files])
      const words = (clippedLink(data) ?? clippedText(data)).trim()
      if (words !== '') latest.current.onText(words)
    }
    document.addEventListener('dragover', onOver)
    document.addEventListener('dragleave', onLeave)
    document.addEventListener('drop', onDrop)
    return () => {
      document.removeEventListener('dragover', onOver)
      document.removeEventListener('dragleave', onLeave)
      document.removeEventListener('drop', onDrop)
    }
  }, [])
  return isOver
}
