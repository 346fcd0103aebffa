// The button that asks the device for files; on a phone it offers the camera too.
import { useRef } from 'react'
import { IconButton } from '@/ui'

export function ChooseFiles({ onFiles }: { onFiles: (files: readonly File[]) => void }) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <IconButton label="Add files or pictures" icon="clip" onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-hidden
        tabIndex={-1}
        onChange={(event) => {
          onFiles([...(event.target.files ?? [])])
          // The same file may be chosen again.
          event.target.value = ''
        }}
      />
    </>
  )
}
