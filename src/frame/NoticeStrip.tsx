// What just happened, in words: seen for a while, heard at once, with undo in reach.
import { useEffect } from 'react'
import { Button, Row, Words } from '@/ui'
import { desk, useDesk } from '@/held/desk'
import { useUndo } from '@/held/zen'

const shownForMs = 7000

export function NoticeStrip() {
  const notice = useDesk((state) => state.notice)
  const { undo } = useUndo()
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
        {notice?.text}
      </div>
      {notice ? (
        <Row
          key={notice.number}
          className="slides-in no-print"
          backgroundColor="$tray"
          borderRadius={3}
          paddingLeft={14}
          paddingRight={notice.undoable ? 4 : 14}
          minHeight={44}
          gap={8}
          justifyContent="space-between"
          maxWidth={560}
          alignSelf="center"
          pointerEvents="auto"
          boxShadow="0 6px 24px rgba(20,15,8,0.25)"
        >
          <Words
            size="second"
            tone="trayInk"
            flexShrink={1}
            minWidth={0}
            paddingVertical={8}
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
      ) : null}
    </>
  )
}
