// Files that lie with what is being set down.
import { View } from '@tamagui/core'
import type { NewFile } from '@/state'
import { IconButton, Row, Words } from '@/ui'
import { fileSize } from '@/words'
import { SmallPicture } from './SmallPicture'

export function FileChips({
  files,
  isBusy,
  onTakeOff,
}: {
  files: readonly NewFile[]
  isBusy: boolean
  onTakeOff: (file: NewFile) => void
}) {
  return (
    <>
      {files.map((file) => (
        <Row
          key={file.blob + file.name}
          gap="$1.5"
          paddingLeft="$1.5"
          borderWidth={1}
          borderColor="$edge"
          borderRadius={3}
          backgroundColor="$slip"
          maxWidth="100%"
        >
          <SmallPicture file={file} side={32} />
          <View flexShrink={1} minWidth={0}>
            <Words size="second" oneLine>
              {file.name}
            </Words>
          </View>
          <Words size="second" tone="inkSoft" flexShrink={0}>
            {fileSize(file.bytes)}
          </Words>
          <IconButton label={`Take off ${file.name}`} icon="close" onPress={() => onTakeOff(file)} />
        </Row>
      ))}
      {isBusy ? (
        <Words role="status" size="second" tone="inkSoft" alignSelf="center">
          Adding…
        </Words>
      ) : null}
    </>
  )
}
