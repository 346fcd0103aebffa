// The ways to what else a slip or an action can become: quiet buttons, and behind them the parts themselves, which
// load on demand.
import { lazy, Suspense, useState } from 'react'
import type { Action, Slip } from '@/core/record'
import { Button } from '@/ui'
import type { Reshape } from './Reshaping'

// Behind the door of the choosers: what stands behind two would load at the start.
const load = () => import('../choosers/Choosers')
const Reshaping = lazy(() => load().then((module) => ({ default: module.Reshaping })))
const Duplicate = lazy(() => load().then((module) => ({ default: module.DuplicateBeside })))
const GrowSheet = lazy(() => load().then((module) => ({ default: module.GrowSheet })))

export function SplitOrJoin({ slip }: { slip: Slip }) {
  const [asked, setAsked] = useState<{ what: Reshape; anchor: DOMRect | null } | null>(null)
  return (
    <>
      <Button
        kind="quiet"
        label="Split or merge"
        aria-haspopup="dialog"
        onPress={() =>
          setAsked({ what: 'ask', anchor: document.activeElement?.getBoundingClientRect() ?? null })
        }
      />
      {asked ? (
        <Suspense fallback={null}>
          <Reshaping
            key={asked.what}
            slip={slip}
            {...asked}
            onAsk={(what) => setAsked({ ...asked, what })}
            onClose={() => setAsked(null)}
          />
        </Suspense>
      ) : null}
    </>
  )
}

export function GrowButton({ action, onDone }: { action: Action; onDone?: () => void }) {
  const [isAsked, setAsked] = useState(false)
  return (
    <>
      <Button
        kind="quiet"
        label="Grow it into a project"
        aria-haspopup="dialog"
        alignSelf="flex-start"
        onPress={() => setAsked(true)}
      />
      {isAsked ? (
        <Suspense fallback={null}>
          <GrowSheet
            action={action}
            onClose={() => {
              setAsked(false)
              onDone?.()
            }}
          />
        </Suspense>
      ) : null}
    </>
  )
}

/** What a slip is much like, with the way to make one of the two. */
export function DuplicateBeside(props: { slip: Slip; title: string }) {
  return (
    <Suspense fallback={null}>
      <Duplicate {...props} />
    </Suspense>
  )
}
