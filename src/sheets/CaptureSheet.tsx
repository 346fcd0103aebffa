// The line over whatever is open: a thought is added, and what was open is still there behind it.
import { useEffect } from 'react'
import { desk } from '@/held/desk'
import { focusCapture } from '@/held/keys'
import { CaptureLine } from '@/parts/capture/CaptureLine'
import { SheetTools, SlideOver } from '@/ui'

export default function CaptureSheet() {
  useEffect(focusCapture, [])
  return (
    <SheetTools.Provider value={null}>
      <SlideOver title="Add to the Tray" onClose={() => desk.getState().capture(false)}>
        <CaptureLine />
      </SlideOver>
    </SheetTools.Provider>
  )
}
