import { useEffect } from 'react'
import { Button, Row } from '@/ui'

/** Keeps or goes back. The form it stands in sees to Enter; Escape goes back. */
export function FormFoot({
  label,
  onBack,
  disabled,
}: {
  label: string
  onBack: () => void
  disabled?: boolean
}) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !document.querySelector('dialog[open]')) onBack()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [onBack])
  return (
    <Row gap={10} justifyContent="space-between">
      <Button kind="quiet" label="Back" onPress={onBack} />
      <Button kind="main" label={label} disabled={disabled} {...{ type: 'submit' }} />
    </Row>
  )
}
