// The files that lie with something: a small picture, name and size; opened, saved and taken off.
import { useState } from 'react'
import type { FileRecord } from '@/core/record'
import { desk } from '@/held/desk'
import { saveAs } from '@/held/saveAs'
import { useAct, useZen } from '@/held/zen'
import { Column, IconButton, Press, Row, Words } from '@/ui'
import { fileSize, shortened } from '@/words'
import { SmallPicture, useBlobAddress } from './SmallPicture'

/** What the browser shows without running anything of it. */
const shownAs: Readonly<Record<string, string>> = {
  'application/pdf': 'application/pdf',
  'text/plain': 'text/plain;charset=utf-8',
}
const isPicture = (mediaType: string): boolean => /^image\/(?:png|jpeg|gif|webp|avif|bmp)$/.test(mediaType)
const isSound = (mediaType: string): boolean => /^(?:audio|video)\/[\w.+-]+$/.test(mediaType)

/** As what a file may be opened; null where it is only saved: HTML and the like would run. */
const typeToOpen = (mediaType: string): string | null =>
  isPicture(mediaType) || isSound(mediaType) ? mediaType : (shownAs[mediaType] ?? null)

export const FileList = ({ files }: { files: readonly FileRecord[] }) => (
  <Column render="ul" aria-label="Files" gap="$1">
    {files.map((file) => (
      <FileRow key={file.id} file={file} />
    ))}
  </Column>
)

function FileRow({ file }: { file: FileRecord }) {
  const act = useAct()
  const { blobs } = useZen()
  const [isLarge, setLarge] = useState(false)
  const { name, mediaType, bytes, blob } = file
  const type = typeToOpen(mediaType)
  const withBytes = async (then: (kept: Blob) => void) => {
    const kept = await blobs()
      .then((port) => port.get(blob))
      .catch(() => null)
    if (!kept)
      return desk
        .getState()
        .tell(`“${shortened(name)}” is not in this browser any more. Add it again.`, { problem: true })
    if (!kept.isSound)
      desk
        .getState()
        .tell(`“${shortened(name)}” is damaged. Add it again if you have it elsewhere.`, { problem: true })
    then(kept.bytes)
  }
  const save = () => void withBytes((kept) => saveAs(name, new Blob([kept], { type: mediaType })))
  const open = () => {
    if (isPicture(mediaType)) return setLarge(!isLarge)
    void withBytes((kept) => {
      const address = URL.createObjectURL(new Blob([kept], { type: type ?? '' }))
      window.open(address, '_blank', 'noopener')
      setTimeout(() => URL.revokeObjectURL(address), 60_000)
    })
  }
  return (
    <Column render="li" borderBottomWidth={1} borderColor="$rule" backgroundColor="$slip">
      <Row gap="$1" paddingLeft="$2">
        <Press
          flex={1}
          minWidth={0}
          gap="$2.5"
          minHeight={52}
          onPress={type ? open : save}
          aria-description={type ? 'Opens it' : 'Saves it'}
          aria-expanded={isPicture(mediaType) ? isLarge : undefined}
        >
          <SmallPicture file={file} side={40} />
          <Column flex={1} minWidth={0}>
            <Words oneLine>{name}</Words>
            <Words size="second" tone="inkSoft">
              {fileSize(bytes)}
            </Words>
          </Column>
        </Press>
        {type ? <IconButton label={`Save ${name}`} icon="save" onPress={save} /> : null}
        <IconButton
          label={`Remove ${name}`}
          icon="close"
          onPress={() => act('removeFile', { id: file.id }, { say: `File removed: ${shortened(name)}` })}
        />
      </Row>
      {isLarge ? <LargePicture file={file} /> : null}
    </Column>
  )
}

function LargePicture({ file: { name, blob, mediaType } }: { file: FileRecord }) {
  const address = useBlobAddress(blob, mediaType)
  return address ? (
    <img src={address} alt={name} style={{ maxWidth: '100%', height: 'auto', display: 'block' }} />
  ) : null
}
