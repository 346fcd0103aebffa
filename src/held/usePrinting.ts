import { useSyncExternalStore } from 'react'
import { flushSync } from 'react-dom'

let isBegun = false

function onPrinting(tell: () => void): () => void {
  // What is on the page when this returns is what is printed.
  const begin = () => {
    isBegun = true
    flushSync(tell)
  }
  const end = () => {
    isBegun = false
    tell()
  }
  const paper = window.matchMedia('print')
  window.addEventListener('beforeprint', begin)
  window.addEventListener('afterprint', end)
  paper.addEventListener('change', tell)
  return () => {
    window.removeEventListener('beforeprint', begin)
    window.removeEventListener('afterprint', end)
    paper.removeEventListener('change', tell)
  }
}

/** Whether the page is being laid on paper just now. */
export const usePrinting = (): boolean =>
  useSyncExternalStore(onPrinting, () => isBegun || window.matchMedia('print').matches)
