// What is done of a list, folded at its end, and the switch for where it stands.
import { useState } from 'react'
import { minutesOf } from '@/core/day'
import type { Action } from '@/core/record'
import { BandHeading, Button, Column, Icon, Press, Row } from '@/ui'
import { OpenedLookChooser } from '@/parts/choosers/useChooser'
import { RowList } from '@/parts/rows/RowList'
import { ActionRow } from '@/parts/rows/ActionRow'
import { places, type DonePlaced } from './useDonePlace'
import { duration } from '@/words'

const placeWords: Readonly<Record<DonePlaced, string>> = {
  sunk: 'at the end',
  among: 'among the rest',
  hidden: 'left out',
}

/** Rows laid out at once: more are a touch away. */
const portion = 100

export interface DoneBandProps {
  readonly title?: string
  /** The latest first. */
  readonly actions: readonly Action[]
  readonly place: DonePlaced
  readonly showProject?: boolean
  readonly onPlace: (place: DonePlaced) => void
}

export default function DoneRows({ title = 'Done', actions, place, showProject, onPlace }: DoneBandProps) {
  const [isUnfolded, setUnfolded] = useState(false)
  const [shown, setShown] = useState(portion)
  const [isChoosing, setChoosing] = useState(false)
  const minutes = minutesOf(actions)
  const sum = [String(actions.length), minutes > 0 ? duration(minutes) : null].filter(Boolean).join(' · ')
  const isSunk = place === 'sunk'
  return (
    <Column render="section" aria-label={title}>
      <Row gap="$2">
        <Press
          flex={1}
          aria-expanded={isSunk ? isUnfolded : undefined}
          disabled={!isSunk}
          onPress={() => setUnfolded(!isUnfolded)}
        >
          <Column flex={1}>
            <BandHeading title={title} end={sum} tone="moss">
              {isSunk ? <Icon name={isUnfolded ? 'up' : 'down'} size={18} /> : null}
            </BandHeading>
          </Column>
        </Press>
        <Button
          kind="quiet"
          label={placeWords[place]}
          aria-label={`${title}: ${placeWords[place]}`}
          aria-haspopup="dialog"
          flexShrink={0}
          marginTop="$1.5"
          onPress={() => setChoosing(true)}
        />
      </Row>
      {isUnfolded && isSunk ? (
        <RowList
          items={actions.slice(0, shown)}
          label={title}
          render={(action) => <ActionRow action={action} showProject={showProject} />}
        />
      ) : null}
      {isUnfolded && isSunk && actions.length > shown ? (
        <Row>
          <Button
            kind="quiet"
            label={`Show the next of ${actions.length - shown} more`}
            onPress={() => setShown(shown + portion)}
          />
        </Row>
      ) : null}
      {isChoosing ? (
        <OpenedLookChooser
          target={{
            kind: 'one',
            title: 'What is done',
            options: places.map((value) => ({ value, label: placeWords[value] })),
            chosen: place,
            onChoose: (value) => onPlace(value as DonePlaced),
          }}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </Column>
  )
}
