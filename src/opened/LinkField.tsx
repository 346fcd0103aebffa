import { Column, Words } from '@/ui'
import type { Outcome, RunOptions } from '@/state'
import { EditText } from '@/parts/text/EditText'

const isWebLink = (text: string): boolean => /^https?:\/\/\S+$/i.test(text)

/** A link to follow and to change; what is no address of the web is only text. */
export function LinkField({
  name,
  link,
  onKeep,
}: {
  name: string
  link: string | null
  onKeep: (link: string | null, options: RunOptions) => Outcome
}) {
  return (
    <Column gap="$1">
      <EditText
        name={`${name} link`}
        label="Link"
        shown
        value={link ?? ''}
        placeholder="https://…"
        onKeep={(text, options) => onKeep(text.trim() === '' ? null : text.trim(), options)}
      />
      {link && isWebLink(link) ? (
        <a href={link} target="_blank" rel="noopener noreferrer">
          <Words size="second" tone="brass" style={{ textDecoration: 'underline' }}>
            Open the link
          </Words>
        </a>
      ) : null}
    </Column>
  )
}
