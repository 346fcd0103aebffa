// A button that asks for a file: the platform's own choosing behind our button.
import { useRef } from 'react'
import { Button } from './Press'

interface FileButtonProps {
  readonly label: string
  /** For the ear, and for whoever drops a file on it. */
  readonly named: string
  /** Media types and endings, such as "application/json,.json". */
  readonly accept: string
  readonly kind?: 'plain' | 'quiet'
  readonly disabled?: boolean
  readonly onFile: (file: File) => void
}

export function FileButton({
  label,
  named,
  accept,
  kind = 'plain',
  disabled = false,
  onFile,
}: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={named}
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0]
          // The same file can be chosen again.
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
      <Button kind={kind} label={label} disabled={disabled} onPress={() => input.current?.click()} />
    </>
  )
}
