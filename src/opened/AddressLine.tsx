import { Column, Words } from '@/ui'
import type { Outcome, RunOptions } from '@/state'
import { EditText } from '@/parts/text/EditText'

const isWebAddress = (text: string): boolean => /^https?:\/\/\S+$/i.test(text)

/** An address to follow and to change. Only web addresses become links. */
export function AddressLine({
  name,
  address,
  onKeep,
}: {
  name: string
  address: string | null
  onKeep: (address: string | null, options: RunOptions) => Outcome
}) {
  return (
    <Column gap="$1">
      <EditText
        name={`${name} address`}
        label="Address"
        shown
        value={address ?? ''}
        placeholder="https://…"
        onKeep={(text, options) => onKeep(text.trim() === '' ? null : text.trim(), options)}
      />
      {address && isWebAddress(address) ? (
        <a href={address} target="_blank" rel="noopener noreferrer">
          <Words size="second" tone="brass" style={{ textDecoration: 'underline' }}>
            Open the address
          </Words>
        </a>
      ) : null}
    </Column>
  )
}
