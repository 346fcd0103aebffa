// The way in for files, wherever they come from: dropped, pasted, chosen or shared.
import { useCallback, useState } from 'react'
import type { OwnerId } from '@/core/record'
import type { NewFile } from '@/state'
import { select } from '@/state'
import { desk } from '@/held/desk'
import { useAct, useZen } from '@/held/zen'
import { count } from '@/words'

// One door: what stands behind two would load at the start.
const load = () => import('./takeIn')

/**
 * `begin` is asked as the files come in, and what it gives is told of them once they are kept: by then the thought
 * they came with may have been added. An e-mail becomes a slip of its own, or where `of` says what it is added to, a
 * remark of that.
 */
export function useTakeIn(
  begin: () => (files: readonly NewFile[]) => void,
  of?: OwnerId,
): {
  readonly isBusy: boolean
  readonly takeIn: (files: readonly File[]) => void
} {
  const { store, blobs } = useZen()
  const act = useAct()
  const [running, setRunning] = useState(0)
  const takeIn = useCallback(
    (files: readonly File[]) => {
      if (files.length === 0) return
      setRunning((now) => now + 1)
      const onFiles = begin()
      const tell = (text: string) => desk.getState().tell(text, { problem: true })
      void (async () => {
        const people = select.peopleOf(store.api.getState().document)
        const { takeIn: take } = await load()
        const taken = await take(files, await blobs(), people)
        if (taken.files.length > 0) onFiles(taken.files)
        if (taken.letters.length > 0 && of) {
          const say = `Added: ${count(taken.letters.length, 'e-mail')}`
          act('addEmails', { ownerId: of, emails: taken.letters }, { say })
        } else if (taken.letters.length > 0) {
          const say =
            taken.letters.length === 1
              ? `Added to the Tray: ${taken.letters[0]?.text ?? ''}`
              : `Added to the Tray: ${count(taken.letters.length, 'e-mail')}`
          act('setDownMany', { slips: taken.letters }, { say })
        }
        if (taken.problems.length > 0) tell(taken.problems.join(' '))
      })()
        .catch(() => tell('The files could not be taken in. Nothing was changed.'))
        .finally(() => setRunning((now) => now - 1))
    },
    [act, blobs, begin, of, store],
  )
  return { isBusy: running > 0, takeIn }
}
