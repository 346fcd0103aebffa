// A project opened: what will be true, where it stands, its next action first and the others behind it, drawers for
// what else there is, and at the foot the line for another action.
import { useState } from 'react'
import type { Area, Project } from '@/core/record'
import type { ProjectPatch } from '@/core/sentence'
import { useOnDemand, useReader } from '@/held/reader'
import { lists, owned, select } from '@/state'
import { partsOfProject } from '@/state/read/projectParts'
import { Button, Column, Row, SlideOver } from '@/ui'
import { OpenedProjectChooser, useChooser } from '@/parts/choosers/useChooser'
import { Outcome } from '@/parts/project/Outcome'
import { NextAction } from '@/parts/project/NextAction'
import { SaidLine } from '@/parts/said/SaidLine'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { EditText } from '@/parts/text/EditText'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { saidOfProject, shortened } from '@/words'
import { patchWords } from '@/words/history'
import { DoneBand } from '@/parts/done/DoneBand'
import { useDonePlace } from '@/parts/done/useDonePlace'
import { History } from '../History'
import { SaveAsTemplate } from '../SaveAsTemplate'
import { useRestingWords } from '@/parts/project/useResting'
import { useSaveCalendar } from '@/held/calendars/useSaveCalendar'
import { LeaveShelf } from '@/parts/shelves/lazyParts'
import { OpenedFoot } from '../OpenedFoot'
import { Remarks } from '../Remarks'
import { SealChooser } from '../SealChooser'
import { AddRow } from '../AddRow'
import { ShelfHead } from '../ShelfHead'
import { Drawer } from './Drawer'
import { Grown } from './Grown'
import { MaterialDrawer, materialIn } from './MaterialDrawer'
import { PaceLine } from './PaceLine'
import { PeopleDrawer } from './PeopleDrawer'
import { PartsDrawer } from './PartsDrawer'
import { ProjectActions } from './ProjectActions'

type Addable = 'part' | 'stages' | 'material' | 'remark'
const addable: Readonly<Record<Addable, string>> = {
  part: 'part',
  stages: 'stages for its parts',
  material: 'material',
  remark: 'remark',
}

export function OpenedProject({ project }: { project: Project }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const reader = useReader()
  const later = useOnDemand()
  const restingWords = useRestingWords()
  const { id } = project
  const area = select.areasOf(document).find((candidate) => candidate.id === project.areaId)
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  const amended = (text: string) => reader.amendProject(text, project, { today, weekStartsOn, names })
  const read = (text: string): SaidChanges => {
    const { patch, unread } = amended(text)
    return {
      changes: patchWords('project', project, patch, { document, today, kinds: reader.kinds }),
      unread,
    }
  }
  const set = (patch: ProjectPatch, say: string | false = false) =>
    act(
      'editProject',
      { id, patch },
      { say: patch.state === 'notNow' ? restingWords(id, project.title) : say },
    ).ok
  const whole = project.parentId ? select.wholeOf(document, project) : undefined
  const [isSealing, setSealing] = useState(false)
  const [asked, setAsked] = useState<ReadonlySet<Addable>>(new Set())
  const remarks = owned.remarksOf(document, id).length
  const material = later ? materialIn(document, project, later) : null
  const isThere: Readonly<Record<Addable, boolean>> = {
    part: partsOfProject(document, id).length > 0,
    stages: select.stagesOf(document, id).length > 0,
    material: material === null || material.length > 0,
    remark: remarks > 0,
  }
  const isHeld = select.isHeld(project.state)
  const done = lists.doneWith(document, id)
  const [donePlace, setDonePlace] = useDonePlace(id)
  return (
    <Column gap="$2.5" flexGrow={1}>
      <ShelfHead
        seal={select.sealOf(document, { projectId: id, areaId: project.areaId })}
        says={standsIn(whole, area)}
        onChoose={() => chooser.choose(whole ? 'partOf' : 'area')}
      />
      <ProjectSaid project={project} chooser={chooser} onSeal={() => setSealing(true)} />
      {project.ending ? <Reason project={project} /> : null}
      <SayWhatChanges
        placeholder="Say what to change"
        read={read}
        onSay={(text) => set(amended(text).patch, `Changed: ${shortened(project.title)}`)}
      />
      <PaceLine project={project} />
      <ProjectActions project={project} done={donePlace === 'among' ? done : []} />
      <PeopleDrawer project={project} />
      <PartsDrawer project={project} isAsked={asked.has('part')} hasStages={asked.has('stages')} />
      {material && (material.length > 0 || asked.has('material')) ? (
        <MaterialDrawer project={project} says={material} isAsked={asked.has('material')} />
      ) : null}
      {remarks > 0 || asked.has('remark') ? (
        <Drawer
          name="remarks"
          title="Remarks"
          says={remarks > 0 ? String(remarks) : ''}
          opensItself
          isAsked={asked.has('remark')}
        >
          <Remarks of={id} title="" />
        </Drawer>
      ) : null}
      <DoneBand actions={done} place={donePlace} onPlace={setDonePlace} />
      <Drawer name="history" title="History" says="">
        <History ids={[id]} of={id} bare />
      </Drawer>
      <AddRow
        names={addable}
        missing={(Object.keys(addable) as Addable[]).filter((what) => !asked.has(what) && !isThere[what])}
        onAsk={(what) => setAsked(new Set([...asked, what]))}
      />
      <ProjectWays project={project} />
      {isHeld ? (
        <OpenedFoot>
          <NextAction id={id} />
        </OpenedFoot>
      ) : (
        <OpenedFoot main={<Button kind="main" label="Reopen" onPress={() => set({ state: 'open' })} />} />
      )}
      <OpenedProjectChooser chooser={chooser} of={project} onSet={(patch) => set(patch)} />
      {isSealing ? <ProjectSeal project={project} onClose={() => setSealing(false)} /> : null}
    </Column>
  )
}

interface ProjectSaidProps {
  readonly project: Project
  readonly chooser: ReturnType<typeof useChooser>
  readonly onSeal: () => void
}

/** What it is called, what will be true, and what is set of it. */
function ProjectSaid({ project, chooser, onSeal }: ProjectSaidProps) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const { id } = project
  const hasStages = select.stagesOf(document, select.stageOwnerOf(project)).length > 0
  return (
    <>
      <Column gap="$0.5">
        <EditText
          name={`${id} title`}
          label="Title"
          size="title"
          value={project.title}
          onKeep={(title, typing) =>
            act('editProject', { id, patch: { title } }, { say: false, atField: true, ...typing })
          }
          needed="A project needs a title."
        />
        <Outcome project={project} onDue={() => chooser.choose('projectDue')} />
      </Column>
      <SaidLine
        chips={saidOfProject(project, document, today).filter(
          // Its head and its outcome say those.
          ({ field }) => field !== 'projectDue' && field !== 'partOf',
        )}
        offers={[
          ...(hasStages && !project.stageId ? (['stage'] as const) : []),
          ...(project.begins ? [] : (['begins'] as const)),
          ...(project.parentId ? [] : (['partOf'] as const)),
          ...(project.letters ? [] : (['seal'] as const)),
          'projectPeople',
          'projectAfter',
          'goals',
          ...(project.inOrder ? [] : (['order'] as const)),
        ]}
        onChoose={(field) => (field === 'seal' ? onSeal() : chooser.choose(field))}
      />
    </>
  )
}

/** What else can be done with a project. */
function ProjectWays({ project }: { project: Project }) {
  const saveCalendar = useSaveCalendar()
  const [isLeaving, setLeaving] = useState(false)
  return (
    <Row flexWrap="wrap" gap="$1" marginLeft="$-2">
      <SaveAsTemplate id={project.id} />
      <Grown project={project} />
      <Button
        kind="quiet"
        label="Save its dates as a calendar"
        onPress={() => void saveCalendar({ kind: 'project', id: project.id }, project.title)}
      />
      {select.isHeld(project.state) ? (
        <Button
          kind="quiet"
          label="Let go of the project"
          aria-haspopup="dialog"
          onPress={() => setLeaving(true)}
        />
      ) : null}
      {isLeaving ? <LeaveShelf shelf={project} onClose={() => setLeaving(false)} /> : null}
    </Row>
  )
}

const standsIn = (whole: Project | undefined, area: Area | undefined): string => {
  if (whole) return `Part of ${whole.title}`
  return area ? `Project in ${area.name}` : 'Project, no area yet'
}

/** Why it ended as it did: a line for later. */
function Reason({ project: { id, endReason } }: { project: Project }) {
  const act = useAct()
  return (
    <EditText
      name={`${id} endReason`}
      label="Why it ended"
      bare
      placeholder="Why? A line for later."
      value={endReason}
      onKeep={(text, typing) =>
        act('editProject', { id, patch: { endReason: text } }, { say: false, atField: true, ...typing })
      }
    />
  )
}

/** A seal of its own, or that of its area. */
function ProjectSeal({ project, onClose }: { project: Project; onClose: () => void }) {
  const act = useAct()
  return (
    <SlideOver title="Its own seal" onClose={onClose}>
      <SealChooser
        of={project}
        orElse="that of its area"
        onSeal={(patch, typing) =>
          act(
            'editProject',
            { id: project.id, patch },
            { say: false, atField: typing !== undefined, ...typing },
          )
        }
      />
    </SlideOver>
  )
}
