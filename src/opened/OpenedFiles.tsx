// The files that lie with what is opened, with the room they take; and the way to lay another with it.
import { useCallback, useEffect, useRef } from 'react'
import type { OwnerId } from '@/core/record'
import { owned } from '@/state'
import { useAct, useHeld } from '@/held/zen'
import { FilesBand } from '@/parts/files/lazyParts'
import { useFileImport } from '@/parts/files/useFileImport'
import { Button, Row, Words } from '@/ui'
import { count } from '@/words'

export function OpenedFiles({
  of,
  asked,
}: {
  of: OwnerId
  /** How often a file was asked for elsewhere; left out where it is asked for here. */
  asked?: number
}) {
  const act = useAct()
  const input = useRef<HTMLInputElement>(null)
  const files = useHeld(({ document }) => owned.filesOf(document, of))
  const begin = useCallback(
    () => (taken: Parameters<typeof act<'addFiles'>>[1]['files']) =>
      void act(
        'addFiles',
        { ownerId: of, files: taken },
        { say: `${count(taken.length, 'file')} added to it` },
      ),
    [act, of],
  )
  const { isBusy, importFiles } = useFileImport(begin, of)
  useEffect(() => {
    if (asked) input.current?.click()
  }, [asked])
  return (
    <>
      <FilesBand files={files} />
      {asked === undefined || isBusy ? (
        <Row marginLeft="$-2" gap="$2">
          {asked === undefined ? (
            <Button
              kind="quiet"
              icon="clip"
              label={files.length > 0 ? 'Add another file' : 'Add a file'}
              onPress={() => input.current?.click()}
            />
          ) : null}
          {isBusy ? (
            <Words role="status" size="second" tone="inkSoft">
              Reading the file…
            </Words>
          ) : null}
        </Row>
      ) : null}
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label="Files to add"
        tabIndex={-1}
        onChange={(event) => {
          importFiles([...(event.target.files ?? [])])
          // The same file may be chosen again.
          event.target.value = ''
        }}
      />
    </>
  )
}
