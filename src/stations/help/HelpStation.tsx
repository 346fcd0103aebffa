// The help: twelve short parts, each with a picture that the program draws itself.
import { useGlobalSearchParams } from 'expo-router'
import { useEffect } from 'react'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { desk } from '@/held/desk'
import { useReader } from '@/held/reader'
import { Button, Column, Row, Words } from '@/ui'
import { HelpPicture } from './HelpPicture'

export function HelpStation() {
  const { help } = useReader()
  const { part, from } = useGlobalSearchParams<{ part?: string; from?: string }>()
  // By its own name, or by the station it was asked from.
  const named = part ?? (from === undefined ? undefined : help?.helpOfStation[from])
  useEffect(() => {
    const section = named ? document.getElementById(`help-${named}`) : null
    section?.scrollIntoView({ block: 'start' })
    section?.querySelector<HTMLElement>('h2')?.focus({ preventScroll: true })
  }, [help, named])
  return (
    <Column width="100%" maxWidth={760} alignSelf="center">
      <DeskLayout>
        <StationHead title="Help" />
        <Row paddingBottom="$2">
          <Button
            label="See and change the keys"
            onPress={() => desk.getState().openSheet({ kind: 'keys' })}
          />
        </Row>
        {help?.helpParts.map(({ id, title, says }) => (
          <section key={id} id={`help-${id}`} aria-labelledby={`help-title-${id}`} className="help-part">
            <h2 id={`help-title-${id}`} tabIndex={-1} className="help-title" data-quiet-focus>
              {title}
            </h2>
            <HelpPicture of={id} />
            <Column gap="$1.5">
              {says.map((sentence) => (
                <Words key={sentence}>{sentence}</Words>
              ))}
            </Column>
          </section>
        ))}
      </DeskLayout>
    </Column>
  )
}
