// The way in for files, wherever they come from: dropped, pasted, chosen or shared.
import { useCallback, useState } from 'react'
import type { OwnerId } from '@/core/record'
import type { NewFile } from '@/state'
import { select } from '@/state'
import { desk } from '@/held/desk'
import { useAct, useZen } from '@/held/zen'
import { loadEngine } from '@/held/calendars/useEvents'
import { count } from '@/words'

// One door: what stands behind two would load at the start.
const load = () => import('./importFiles')

const isCalendar = ({ name, type }: File): boolean => type === 'text/calendar' || /\.ics$/i.test(name)

/**
 * `begin` is asked as the files come in, and what it gives is told of them once they are kept: by then the thought
 * they came with may have been added. An e-mail becomes a slip of its own, or where `of` says what it is added to, a
 * remark of that.
 */
export function useFileImport(
  begin: () => (files: readonly NewFile[]) => void,
  of?: OwnerId,
): {
  readonly isBusy: boolean
  readonly importFiles: (files: readonly File[]) => void
} {
  const zen = useZen()
  const { store, blobs } = zen
  const act = useAct()
  const [running, setRunning] = useState(0)
  const importFiles = useCallback(
    (files: readonly File[]) => {
      if (files.length === 0) return
      setRunning((now) => now + 1)
      const onFiles = begin()
      const tell = (text: string) => desk.getState().tell(text, { problem: true })
      void (async () => {
        // A calendar is read on and on; with something that is opened it is a file like any other.
        const calendars: File[] = []
        for (const file of of ? [] : files.filter(isCalendar)) {
          const { addCalendarFile } = await loadEngine()
          const added = await addCalendarFile(zen, act, file)
          // Nothing is lost: what cannot be read as a calendar is a file.
          if (added.ok) calendars.push(file)
          else tell(added.error)
        }
        if (calendars.length === files.length) return
        const people = select.peopleOf(store.api.getState().document)
        const { importFiles: read } = await load()
        const found = await read(
          files.filter((file) => !calendars.includes(file)),
          await blobs(),
          people,
        )
        if (found.files.length > 0) onFiles(found.files)
        if (found.letters.length > 0 && of) {
          const say = `Added: ${count(found.letters.length, 'e-mail')}`
          act('addEmails', { ownerId: of, emails: found.letters }, { say })
        } else if (found.letters.length > 0) {
          const say =
            found.letters.length === 1
              ? `Added to the Tray: ${found.letters[0]?.text ?? ''}`
              : `Added to the Tray: ${count(found.letters.length, 'e-mail')}`
          act('setDownMany', { slips: found.letters }, { say })
        }
        if (found.problems.length > 0) tell(found.problems.join(' '))
      })()
        .catch(() => tell('The files could not be added. Nothing was changed.'))
        .finally(() => setRunning((now) => now - 1))
    },
    [act, blobs, begin, of, store, zen],
  )
  return { isBusy: running > 0, importFiles }
}
