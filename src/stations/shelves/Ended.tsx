// Finished and closed: out of the way, and not lost.
import { useState } from 'react'
import { select } from '@/state'
import { BandHeading, Button, Column, Row, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { shortened, stateWords } from '@/words'
import { useAct, useHeld } from '@/held/zen'

export function Ended() {
  const act = useAct()
  const { open } = useOpened()
  const [unfolded, setUnfolded] = useState(false)
  const projects = useHeld((state) => select.projectsOf(state.document)).filter(
    ({ state }) => state === 'finished' || state === 'letGo',
  )
  const shelves = [
    ...useHeld((state) => select.groupsOf(state.document)),
    ...useHeld((state) => select.areasOf(state.document)),
  ].filter(({ closedAtEpochMs }) => closedAtEpochMs !== null)
  const total = projects.length + shelves.length
  if (total === 0) return null
  return (
    <Column render="section" aria-label="Finished and closed">
      <BandHeading title="Finished and closed" end={String(total)}>
        <Button
          kind="quiet"
          label={unfolded ? 'Fold' : 'Unfold'}
          aria-expanded={unfolded}
          onPress={() => setUnfolded(!unfolded)}
        />
      </BandHeading>
      {unfolded ? (
        <Column render="ul">
          {projects.map(({ id, title, state }) => (
            <Row
              render="li"
              key={id}
              gap="$2.5"
              minHeight={48}
              borderBottomWidth={1}
              borderColor="$rule"
              flexWrap="wrap"
            >
              <Button kind="quiet" label={title} onPress={() => open(id)} />
              <Words size="second" tone="inkSoft" flex={1}>
                {stateWords[state]}
              </Words>
              <Button
                kind="quiet"
                label="Reopen"
                aria-label={`Reopen ${title}`}
                onPress={() =>
                  act('setProjectState', { id, state: 'open' }, { say: `Reopened: ${shortened(title)}` })
                }
              />
            </Row>
          ))}
          {shelves.map(({ id, name }) => (
            <Row render="li" key={id} gap="$2.5" minHeight={48} borderBottomWidth={1} borderColor="$rule">
              <Words flex={1}>{name}</Words>
              <Button
                kind="quiet"
                label="Reopen"
                aria-label={`Reopen ${name}`}
                onPress={() => act('reopenShelf', { id })}
              />
            </Row>
          ))}
        </Column>
      ) : null}
    </Column>
  )
}
