// How what a lens lists is laid out: its bands, what it is gathered by, its order, and where the done ones go.
import { useState } from 'react'
import {
  donePlaces,
  groupFields,
  sortFields,
  type Condition,
  type GroupField,
  type SortField,
} from '@/core/lens/lens'
import { Button, Choice, Field, Row, Words } from '@/ui'
import { ChooserSheet } from '../ChooserSheet'
import { ConditionEditor } from './ConditionEditor'
import type { LensPartAt, LensPartProps } from './lensChooserProps'
import { isWhole, readyCondition } from './lensOffers'
import { Done, TakeOff, useSaying } from './OneCondition'

export function OneBand(props: LensPartAt) {
  const { lens, lenses, index, anchor, onSet, onClose } = props
  const say = useSaying(props)
  const [{ name, where }, setBand] = useState(lens.bands[index] ?? { name: '', where: readyCondition })
  const set = (next: { name: string; where: Condition }) => {
    setBand(next)
    if (isWhole(next.where))
      onSet({ ...lens, bands: lens.bands.map((band, at) => (at === index ? next : band)) })
  }
  const move = (by: -1 | 1) => {
    const bands = [...lens.bands]
    bands.splice(index + by, 0, ...bands.splice(index, 1))
    onSet({ ...lens, bands })
    onClose()
  }
  return (
    <ChooserSheet
      title="A band"
      anchor={anchor}
      onClose={onClose}
      none={
        <TakeOff
          onPress={() => onSet({ ...lens, bands: lens.bands.filter((_, at) => at !== index) })}
          onClose={onClose}
        />
      }
    >
      <Field
        label="Its heading"
        placeholder="its heading, if not what it says"
        value={name}
        maxLength={200}
        onChangeText={(text) => set({ name: text, where })}
      />
      <ConditionEditor
        condition={where}
        lenses={lenses}
        say={say}
        onSet={(next) => set({ name, where: next })}
      />
      {where.kind === 'many' ? null : (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label="add another condition"
          onPress={() => set({ name, where: { kind: 'many', joined: 'all', of: [where] } })}
        />
      )}
      <Row gap="$1" flexWrap="wrap">
        {index > 0 ? <Button kind="quiet" label="earlier" onPress={() => move(-1)} /> : null}
        {index < lens.bands.length - 1 ? <Button kind="quiet" label="later" onPress={() => move(1)} /> : null}
      </Row>
      <Done onClose={onClose} />
    </ChooserSheet>
  )
}

export function OneGroup({ lens, lenses, index, anchor, onSet, onClose }: LensPartAt) {
  const others = lens.groups.filter((_, at) => at !== index)
  const set = (groups: readonly GroupField[]) => {
    onSet({ ...lens, groups })
    onClose()
  }
  return (
    <ChooserSheet
      title="Grouped by"
      anchor={anchor}
      onClose={onClose}
      none={
        lens.groups[index] ? <Button kind="quiet" label="take it off" onPress={() => set(others)} /> : null
      }
    >
      <Choice
        shown={false}
        label="Grouped by"
        options={groupFields
          .filter((field) => !others.includes(field))
          .map((field) => ({ value: field, label: lenses.groupWords[field] }))}
        chosen={lens.groups[index] ? [lens.groups[index]] : []}
        onToggle={(field) => set(index === 0 ? [field, ...others] : [...others, field])}
      />
      {others.length > 0 && lens.groups[index] ? (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label="swap the two"
          onPress={() => set([...lens.groups].reverse())}
        />
      ) : null}
    </ChooserSheet>
  )
}

export function OneSort({ lens, lenses, index, anchor, onSet, onClose }: LensPartAt) {
  const sort = lens.sorts[index]
  const others = lens.sorts.filter((_, at) => at !== index)
  const [before, after] = [lens.sorts.slice(0, index), lens.sorts.slice(index + 1)]
  const set = (by: SortField, down: boolean) => onSet({ ...lens, sorts: [...before, { by, down }, ...after] })
  const ways = sort ? lenses.sortWords[sort.by] : null
  return (
    <ChooserSheet
      title="Sorted by"
      anchor={anchor}
      onClose={onClose}
      none={sort ? <TakeOff onPress={() => onSet({ ...lens, sorts: others })} onClose={onClose} /> : null}
    >
      <Choice
        shown={false}
        label="Sorted by"
        options={sortFields
          .filter((field) => !others.some(({ by }) => by === field))
          .map((field) => ({ value: field, label: lenses.sortWords[field][0] }))}
        chosen={sort ? [sort.by] : []}
        onToggle={(field) => set(field, sort?.by === field && sort.down)}
      />
      {sort && ways ? (
        <Choice
          shown={false}
          label="Which way"
          options={[
            { value: 'up', label: 'as usual' },
            { value: 'down', label: ways[1] },
          ]}
          chosen={[sort.down ? 'down' : 'up']}
          onToggle={(way) => set(sort.by, way === 'down')}
        />
      ) : null}
      <Words size="second" tone="inkSoft">
        Actions that are equal keep the order you gave them.
      </Words>
      {index > 0 && sort ? (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label="before the others"
          onPress={() => {
            onSet({ ...lens, sorts: [sort, ...others] })
            onClose()
          }}
        />
      ) : null}
      <Done onClose={onClose} />
    </ChooserSheet>
  )
}

const doneLabels = { hidden: 'left out', among: 'among the rest', sunk: 'at the end' } as const

export function DonePlaceChooser({ lens, anchor, onSet, onClose }: LensPartProps) {
  return (
    <ChooserSheet title="What is done" anchor={anchor} onClose={onClose}>
      <Choice
        shown={false}
        label="What is done"
        options={donePlaces.map((value) => ({ value, label: doneLabels[value] }))}
        chosen={[lens.done]}
        onToggle={(done) => {
          onSet({ ...lens, done })
          onClose()
        }}
      />
    </ChooserSheet>
  )
}
