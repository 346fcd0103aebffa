// What just happened, in words: heard at once, seen for a while, with undo in reach. It stands in the dock on a phone
// and at the foot of a wide page, as a bar of its own: it lies over nothing that can be pressed.
import { useEffect } from 'react'
import { Button, Row, Words } from '@/ui'
import { desk, useDesk } from '@/held/desk'
import { useUndo } from '@/held/zen'

const shownForMs = 7000

/** The notice for the ear, and the end of its time; beside it how many are selected. One for the whole page. */
export function NoticeSpoken() {
  const notice = useDesk((state) => state.notice)
  useEffect(() => {
    if (!notice) return
    const timer = setTimeout(
      () => desk.getState().hush(notice.number),
      notice.problem ? shownForMs * 2 : shownForMs,
    )
    return () => clearTimeout(timer)
  }, [notice])
  return (
    <>
      <div role="status" aria-live="polite" className="visually-hidden">
        <NoticeText />
      </div>
      <div aria-live="polite" className="visually-hidden">
        <SelectedText />
      </div>
    </>
  )
}

/** How many are selected together, each time it changes. */
function SelectedText() {
  const selected = useDesk((state) => state.chosen.length)
  return selected > 0 ? <span key={selected}>{`${selected} selected`}</span> : null
}

/** A part of its own each time: the same words are heard again. */
function NoticeText() {
  const notice = useDesk((state) => state.notice)
  return notice ? <span key={notice.number}>{notice.text}</span> : null
}

/** The same in an open sheet, for ear and eye: what is behind a sheet is neither heard nor pressed. */
export function NoticeInSheet() {
  return (
    <div className="sheet-notice">
      <div aria-live="polite" className="visually-hidden">
        <NoticeText />
      </div>
      <div className="bar">
        <NoticeBar />
      </div>
    </div>
  )
}

/** The notice for the eye. */
export function NoticeBar() {
  const notice = useDesk((state) => state.notice)
  const { undo } = useUndo()
  if (!notice) return null
  return (
    <Row
      className="no-print"
      backgroundColor="$tray"
      paddingHorizontal="$3.5"
      minHeight={44}
      gap="$2"
      justifyContent="center"
    >
      <Row flexShrink={1} gap="$2" width="100%" maxWidth={900} justifyContent="space-between">
        <Words
          size="second"
          tone="trayInk"
          flexShrink={1}
          minWidth={0}
          paddingVertical="$2"
          className="clamped two"
          aria-hidden
        >
          {notice.text}
        </Words>
        {notice.undoable ? (
          <Button
            kind="quiet"
            label="Undo"
            tone="trayInk"
            flexShrink={0}
            hoverStyle={{ backgroundColor: 'transparent' }}
            style={{ textDecoration: 'underline' }}
            aria-label="Undo the last act"
            onPress={undo}
          />
        ) : null}
      </Row>
    </Row>
  )
}
