// What can be done with the day as a whole, behind one button: nothing of it begins by itself.
import { useState } from 'react'
import { ChooserSheet } from '@/parts/choosers/ChooserSheet'
import { Button, Column, Press, Row, Words } from '@/ui'
import { EndDay } from './EndDay'
import { PickDay } from './PickDay'
import { SpreadDay } from './SpreadDay'
import { usePlanned } from './usePlanned'

/** What the day can be planned by. */
type PlanningAct = 'pick' | 'spread' | 'end'

const acts: Readonly<Record<PlanningAct, { readonly name: string; readonly says: string }>> = {
  pick: { name: 'Plan the day', says: 'Go through what could be done today, one action at a time.' },
  spread: { name: 'Spread out', says: 'Move what is carried over and due today to days with room.' },
  end: { name: 'Close the day', says: 'See what was done and decide where the rest goes.' },
}

export function Planning({ onClose }: { onClose: () => void }) {
  const [act, setAct] = useState<PlanningAct | null>(null)
  switch (act) {
    case 'pick':
      return <PickDay onClose={onClose} />
    case 'spread':
      return <SpreadDay onClose={onClose} />
    case 'end':
      return <EndDay onClose={onClose} />
    case null:
      return <PlanningMenu onAct={setAct} onClose={onClose} />
  }
}

/** In a small window of its own, for the corner of the screen. */
const openGlance = () => window.open('/glance', 'zen-tray-glance', 'popup,width=380,height=600')

function PlanningMenu({ onAct, onClose }: { onAct: (act: PlanningAct) => void; onClose: () => void }) {
  const { load, bands } = usePlanned()
  const isFull = load.overMinutes > 0 || bands.carriedOver.length > 0
  const offered: readonly PlanningAct[] = isFull ? ['pick', 'spread', 'end'] : ['pick', 'end']
  const [anchor] = useState(() => document.activeElement?.getBoundingClientRect() ?? null)
  return (
    <ChooserSheet title="Plan" anchor={anchor} onClose={onClose}>
      <Column>
        {offered.map((act, at) => (
          <Press
            key={act}
            aria-label={acts[act].name}
            aria-describedby={`plan-${act}`}
            data-first-focus={at === 0 ? '' : undefined}
            minHeight={64}
            width="100%"
            borderTopWidth={at === 0 ? 0 : 1}
            borderColor="$rule"
            hoverStyle={{ backgroundColor: '$brassWash' }}
            onPress={() => onAct(act)}
          >
            <Column flex={1} minWidth={0} paddingVertical="$2">
              <Words strong textAlign="left">
                {acts[act].name}
              </Words>
              <Words id={`plan-${act}`} size="second" tone="inkSoft" textAlign="left">
                {acts[act].says}
              </Words>
            </Column>
          </Press>
        ))}
      </Column>
      <Row flexWrap="wrap" borderTopWidth={1} borderColor="$rule" paddingTop="$1.5" marginHorizontal="$-2">
        <Button
          kind="quiet"
          label="Print the day"
          onPress={() => {
            onClose()
            // When this has closed.
            setTimeout(() => window.print(), 60)
          }}
        />
        <Button
          kind="quiet"
          label="The day at a glance"
          onPress={() => {
            openGlance()
            onClose()
          }}
        />
      </Row>
    </ChooserSheet>
  )
}
