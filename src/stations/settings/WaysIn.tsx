// Ways into the tray from elsewhere: the bookmark button, the share sheet, letters.
import { useEffect, useRef } from 'react'
import { Button, Column, Row, Words } from '@/ui'
import { desk } from '@/held/desk'

/** One line of script: the page's title, what is chosen on it and its address go to the line here, to be looked at. */
const bookmarkScript = (origin: string): string =>
  `javascript:(()=>{open('${origin}/?'+new URLSearchParams({title:document.title,text:String(getSelection()).slice(0,2000),url:location.href}),'_blank')})()`

export function WaysIn() {
  return (
    <Column render="section" aria-label="Ways in" gap="$2.5">
      <Words render="h2" size="title">
        Ways in
      </Words>
      <Words tone="inkSoft">
        Drop files, pictures, links and e-mails (.eml) anywhere, or paste them into the line. Where Zen Tray
        is installed, other programs can share with it.
      </Words>
      <Row gap="$3" flexWrap="wrap">
        <BookmarkButton />
        <Words size="second" tone="inkSoft" flexShrink={1}>
          Drag this button to your bookmarks bar, or copy it and save it as a bookmark. On any page, it sends
          the title, what you have selected there and the link to the line here.
        </Words>
        <Button
          kind="quiet"
          label="Copy the bookmark"
          onPress={() =>
            void navigator.clipboard.writeText(bookmarkScript(window.location.origin)).then(
              () => desk.getState().tell('Copied. Make a new bookmark and paste this as its link.'),
              () =>
                desk
                  .getState()
                  .tell('The browser does not allow copying from here. Drag the button instead.', {
                    problem: true,
                  }),
            )
          }
        />
      </Row>
    </Column>
  )
}

function BookmarkButton() {
  const link = useRef<HTMLAnchorElement>(null)
  // React takes scripts out of addresses, rightly; this one is ours, and is only ever dragged away.
  useEffect(() => link.current?.setAttribute('href', bookmarkScript(window.location.origin)), [])
  return (
    <a
      ref={link}
      className="bookmark-button"
      draggable
      onClick={(event) => {
        event.preventDefault()
        desk.getState().tell('Drag it to the bookmarks bar: it works on other pages.')
      }}
    >
      To the Tray
    </a>
  )
}
