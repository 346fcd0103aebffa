// What else a slip can become: several slips, one with another, a step of an action, an action of a project. Reached
// through Ways.tsx alone: it loads when it is asked for.
import { recordIn } from '@/core/journal'
import type { Action, Id, Project, Slip } from '@/core/record'
import { lists, select } from '@/state'
import { Button, Column, SlideOver } from '@/ui'
import { useSlipsSaid } from '@/parts/capture/useSlipsSaid'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { momentWords, shortened } from '@/words'
import { NameChooser, type NamedOption } from '../choosers/NameChooser'
import { SplitSheet } from './SplitSheet'
import { useDuplicates } from './useDuplicates'

export type Reshape = 'ask' | 'split' | 'join' | 'step' | 'project'

export interface ReshapingProps {
  readonly slip: Slip
  readonly what: Reshape
  readonly anchor: DOMRect | null
  readonly onAsk: (what: Reshape) => void
  readonly onClose: () => void
}

const mostAlike = 5

/** What is alike first, in the order of the others otherwise. */
const alikeFirst = <T extends { readonly id: string }>(
  records: readonly T[],
  alike: readonly string[],
): T[] => [
  ...records.filter(({ id }) => alike.includes(id)),
  ...records.filter(({ id }) => !alike.includes(id)),
]

export function Reshaping({ slip, what, anchor, onAsk, onClose }: ReshapingProps) {
  switch (what) {
    case 'ask':
      return <Ask slip={slip} onAsk={onAsk} onClose={onClose} />
    case 'split':
      return <SplitSheet slip={slip} onClose={onClose} />
    case 'join':
      return <JoinChooser slip={slip} anchor={anchor} onClose={onClose} />
    case 'step':
      return <StepChooser slip={slip} anchor={anchor} onClose={onClose} />
    case 'project':
      return <ProjectChooser slip={slip} anchor={anchor} onClose={onClose} />
  }
}

function Ask({ slip, onAsk, onClose }: Pick<ReshapingProps, 'slip' | 'onAsk' | 'onClose'>) {
  const document = useHeldDocument()
  const isOneWord = slip.note === '' && slip.text.split(/\s+/).length < 2
  const offers: readonly (readonly [Reshape, string, boolean])[] = [
    ['split', 'Split it into several slips', !isOneWord],
    ['join', 'Merge with another slip', select.slipsOf(document).length > 1],
    ['step', 'Make it a step of an action', true],
    ['project', 'Make it an action of a project', select.projectsOf(document).length > 0],
  ]
  return (
    <SlideOver title={shortened(slip.text)} onClose={onClose}>
      <Column gap="$2" alignItems="flex-start">
        {offers
          .filter(([, , isPossible]) => isPossible)
          .map(([what, label]) => (
            <Button key={what} label={label} onPress={() => onAsk(what)} />
          ))}
      </Column>
    </SlideOver>
  )
}

type Choosing = Pick<ReshapingProps, 'slip' | 'anchor' | 'onClose'>

function JoinChooser({ slip, anchor, onClose }: Choosing) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const alike = useDuplicates(slip, slip.text, mostAlike).map(({ id }) => id)
  const others = select.slipsOf(document).filter(({ id }) => id !== slip.id)
  const options: NamedOption[] = alikeFirst(others, alike).map(({ id, text, setDownAtEpochMs }) => ({
    id,
    name: shortened(text),
    hint: momentWords(setDownAtEpochMs, clock.zone(), today),
  }))
  return (
    <NameChooser
      title="Merge with"
      anchor={anchor}
      options={options}
      makes={[]}
      onChoose={(id) =>
        act('joinSlips', { ids: [slip.id, id as Id<'slip'>] }, { say: `Joined: ${shortened(slip.text)}` })
      }
      onClose={onClose}
    />
  )
}

const shelfOf = (document: Parameters<typeof select.areaOf>[0], of: Action | Project) =>
  select.areaOf(document, 'projectId' in of ? of : { areaId: of.areaId }) ?? null

function StepChooser({ slip, anchor, onClose }: Choosing) {
  const act = useAct()
  const document = useHeldDocument()
  const alike = useDuplicates(slip, slip.text, mostAlike).map(({ id }) => id)
  const actions = lists.openActionsOf(document)
  return (
    <NameChooser
      title="A step of"
      anchor={anchor}
      options={alikeFirst(actions, alike).map((action) => ({
        id: action.id,
        name: shortened(action.title),
        seal: shelfOf(document, action),
      }))}
      makes={[]}
      onChoose={(id) => {
        const title = recordIn(document, id as Id<'action'>)?.title ?? ''
        act(
          'makeStepOf',
          { slipId: slip.id, actionId: id as Id<'action'> },
          { say: `A step of ${shortened(title)}` },
        )
      }}
      onClose={onClose}
    />
  )
}

function ProjectChooser({ slip, anchor, onClose }: Choosing) {
  const act = useAct()
  const document = useHeldDocument()
  const { draftOf } = useSlipsSaid()
  const projects = select.projectsOf(document).filter(({ state }) => select.isHeld(state))
  return (
    <NameChooser
      title="An action of"
      anchor={anchor}
      options={projects.map((project) => ({
        id: project.id,
        name: shortened(project.title),
        seal: shelfOf(document, project),
      }))}
      makes={[]}
      onChoose={(id) => {
        const title = recordIn(document, id as Id<'project'>)?.title ?? ''
        const fields = { ...draftOf(slip), projectId: id as Id<'project'>, areaId: null }
        act('sortAsAction', { slipId: slip.id, fields }, { say: `An action of ${shortened(title)}` })
      }}
      onClose={onClose}
    />
  )
}
