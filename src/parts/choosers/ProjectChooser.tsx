// Which chooser sets which field of a project.
import type { Id } from '@/core/record'
import { select } from '@/state'
import { Button } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { chooserWords } from '@/words'
import { madeIn, type ProjectChooserProps } from './chooserProps'
import { DayChooser } from './DayChooser'
import { NameChooser } from './NameChooser'
import { GoalChooser, ProjectAfterChooser, WholeChooser } from './TowardChoosers'
import { ScaleChooser } from './ScaleChooser'
import { StageChooser, StateChooser } from './StateChoosers'
import { PeopleChooser } from './WhoChoosers'

const orders = [
  { value: 'free', label: 'free: all of them can be done' },
  { value: 'inOrder', label: 'in order: one after the other' },
] as const

export function ProjectChooser({ field, of, anchor, onSet, onClose }: ProjectChooserProps) {
  const act = useAct()
  const document = useHeldDocument()
  const shared = { title: chooserWords[field], anchor, onClose }
  const areas = select
    .areasOf(document)
    .filter(({ closedAtEpochMs, id }) => closedAtEpochMs === null || id === of.areaId)
  const put = (areaId: Id<'area'> | null) => onSet({ areaId })
  switch (field) {
    case 'projectDue':
      return <DayChooser {...shared} date={of.due} none="no day" onChoose={(date) => onSet({ due: date })} />
    case 'begins':
      return (
        <DayChooser {...shared} date={of.begins} none="no day" onChoose={(date) => onSet({ begins: date })} />
      )
    case 'partOf':
      return <WholeChooser {...shared} of={of} />
    case 'state':
      return <StateChooser {...shared} of={of} onSet={onSet} />
    case 'stage':
      return <StageChooser {...shared} of={of} />
    case 'projectPeople':
      return <PeopleChooser {...shared} of={of} onSet={onSet} />
    case 'order':
      return (
        <ScaleChooser
          {...shared}
          options={orders}
          chosen={of.inOrder ? 'inOrder' : 'free'}
          onChoose={(order) => act('setInOrder', { id: of.id, inOrder: order === 'inOrder' }, { say: false })}
        />
      )
    case 'goals':
      return <GoalChooser {...shared} of={of} />
    case 'projectAfter':
      return <ProjectAfterChooser {...shared} of={of} />
    default:
      return (
        <NameChooser
          {...shared}
          none={
            of.areaId ? (
              <Button
                kind="quiet"
                label="no area"
                onPress={() => {
                  put(null)
                  onClose()
                }}
              />
            ) : null
          }
          options={areas.map((area) => ({
            id: area.id,
            name: area.name,
            seal: area,
            isChosen: area.id === of.areaId,
          }))}
          makes={[
            {
              says: (name) => `make “${name}” an area`,
              make: (name) => put(madeIn<'area'>(act('addArea', { name, groupId: null }, { say: false }))),
            },
          ]}
          onChoose={(id) => put(id as Id<'area'>)}
        />
      )
  }
}
