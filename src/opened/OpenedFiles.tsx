// The files that lie with what is opened, with the room they take; and the way to lay another with it.
import { useCallback, useRef } from 'react'
import type { OwnerId } from '@/core/record'
import { parts } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { FilesBand } from '@/parts/files/lazyParts'
import { useTakeIn } from '@/parts/files/useTakeIn'
import { Button, Row, Words } from '@/ui'
import { count } from '@/words'

export function OpenedFiles({ of }: { of: OwnerId }) {
  const act = useAct()
  const input = useRef<HTMLInputElement>(null)
  const files = useHeld(({ document }) => parts.filesOf(document, of))
  const begin = useCallback(
    () => (taken: Parameters<typeof act<'addFiles'>>[1]['files']) =>
      void act(
        'addFiles',
        { ownerId: of, files: taken },
        { say: `${count(taken.length, 'file')} added to it` },
      ),
    [act, of],
  )
  const { isBusy, takeIn } = useTakeIn(begin, of)
  return (
    <>
      <FilesBand files={files} />
      <Row marginLeft="$-2" gap="$2">
        <Button
          kind="quiet"
          icon="clip"
          label={files.length > 0 ? 'Add another file' : 'Add a file'}
          onPress={() => input.current?.click()}
        />
        {isBusy ? (
          <Words role="status" size="second" tone="inkSoft">
            Taking in…
          </Words>
        ) : null}
      </Row>
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label="Files to add"
        tabIndex={-1}
        onChange={(event) => {
          takeIn([...(event.target.files ?? [])])
          // The same file may be chosen again.
          event.target.value = ''
        }}
      />
    </>
  )
}
