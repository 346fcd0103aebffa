/** Hands a text or bytes, whole or in parts, to the person as a file. */
export function saveAs(fileName: string, parts: readonly BlobPart[], type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([...parts], { type }))
  const link = Object.assign(document.createElement('a'), { href: url, download: fileName })
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 60_000)
}
