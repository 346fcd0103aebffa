// A project opened: what will be true, where it stands, its next action first and the others behind it, and at the foot
// the line for another.
import { useState } from 'react'
import { minutesOf } from '@/core/day'
import type { Action, Project } from '@/core/record'
import type { ProjectPatch } from '@/core/sentence'
import { useReader } from '@/held/reader'
import { lists, select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Row, SlideOver, Words } from '@/ui'
import { OpenedProjectChooser, useChooser } from '@/parts/choosers/useChooser'
import { Band } from '@/parts/rows/Band'
import { Outcome } from '@/parts/project/Outcome'
import { NextAction } from '@/parts/project/NextAction'
import { WhatElse } from '@/parts/project/WhatElse'
import { SaidLine } from '@/parts/said/SaidLine'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { EditText } from '@/parts/text/EditText'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { duration, saidOfProject, shortened } from '@/words'
import { fieldChangeWords } from '@/words/history'
import { History } from './History'
import { Checklists } from './Checklists'
import { Remarks } from './Remarks'
import { Talks } from './Talks'
import { OpenedParts } from './OpenedParts'
import { NoteBand } from '@/parts/note/NoteBand'
import { OpenedFoot } from './OpenedFoot'
import { DoneBand } from '@/parts/done/DoneBand'
import { amongTheRest, useDonePlace } from '@/parts/done/useDonePlace'
import { KeepAsPattern } from './KeepAsPattern'
import { LeaveShelf } from './LeaveShelf'
import { SealChooser } from './SealChooser'
import { ShelfHead } from './ShelfHead'

export function OpenedProject({ project }: { project: Project }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const reader = useReader()
  const { id } = project
  const area = select.areasOf(document).find((candidate) => candidate.id === project.areaId)
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  const amended = (text: string) => reader.amendProject(text, project, { today, weekStartsOn, names })
  const read = (text: string): SaidChanges => {
    const { patch, unread } = amended(text)
    const changes = Object.entries(patch).map(([field, to]) =>
      fieldChangeWords(field, project[field as keyof Project], to, document, today),
    )
    return { changes, unread }
  }
  const set = (patch: ProjectPatch, say: string | false = false) =>
    act('editProject', { id, patch }, { say }).ok
  const hasStages = select.stagesOfArea(document, project.areaId).length > 0
  const [isSealing, setSealing] = useState(false)
  const [isLeaving, setLeaving] = useState(false)
  const isHeld = select.isHeld(project.state)
  const done = lists.doneWith(document, id)
  const [donePlace, setDonePlace] = useDonePlace(id)
  return (
    <Column gap="$2.5" flexGrow={1}>
      <ShelfHead
        seal={select.sealOf(document, { projectId: id, areaId: project.areaId })}
        says={area ? `Project in ${area.name}` : 'Project on no area'}
        onChoose={() => chooser.choose('area')}
      />
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
        chips={saidOfProject(project, document, today).filter(({ field }) => field !== 'projectDue')}
        offers={[
          ...(hasStages && !project.stageId ? (['stage'] as const) : []),
          ...(project.stamp ? [] : (['seal'] as const)),
          'projectPeople',
          'projectAfter',
          'goals',
          ...(project.inOrder ? [] : (['order'] as const)),
        ]}
        onChoose={(field) => (field === 'seal' ? setSealing(true) : chooser.choose(field))}
      />
      {project.ending ? <Reason project={project} /> : null}
      <SayWhatChanges
        placeholder="Say what changes"
        read={read}
        onSay={(text) => set(amended(text).patch, `Changed: ${shortened(project.title)}`)}
      />
      <Progress project={project} />
      <Actions project={project} done={donePlace === 'among' ? done : []} />
      <NoteBand of={id} />
      <OpenedParts of={id} />
      <Checklists of={id} />
      <Talks of={id} />
      <Remarks of={id} />
      <DoneBand actions={done} place={donePlace} onPlace={setDonePlace} />
      <History ids={[id]} of={id} />
      <KeepAsPattern id={id} />
      {isHeld ? (
        <Button
          kind="quiet"
          label="Let go of the project"
          aria-haspopup="dialog"
          alignSelf="flex-start"
          marginLeft="$-2"
          onPress={() => setLeaving(true)}
        />
      ) : null}
      {isHeld ? (
        <OpenedFoot>
          <NextAction id={id} />
        </OpenedFoot>
      ) : (
        <OpenedFoot
          main={<Button kind="main" label="Open it again" onPress={() => set({ state: 'open' })} />}
        />
      )}
      <OpenedProjectChooser chooser={chooser} of={project} onSet={(patch) => set(patch)} />
      {isSealing ? <ProjectSeal project={project} onClose={() => setSealing(false)} /> : null}
      {isLeaving ? <LeaveShelf shelf={project} onClose={() => setLeaving(false)} /> : null}
    </Column>
  )
}

/** Why it ended as it did: a line for later. */
function Reason({ project: { id, endReason } }: { project: Project }) {
  const act = useAct()
  return (
    <EditText
      name={`${id} endReason`}
      label="Why it ended so"
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

/** Minutes done against minutes to do, as a bar and in words; nothing where there is nothing yet. */
function Progress({ project: { id } }: { project: Project }) {
  const document = useHeldDocument()
  const [open, done] = [lists.actionsOfProject(document, id), lists.doneWith(document, id)]
  const [toDo, behind] = [minutesOf(open), minutesOf(done)]
  if (toDo + behind === 0) return null
  return (
    <Column gap="$1.5" paddingTop="$1">
      <Row height={10} borderWidth={1} borderColor="$edge" backgroundColor="$slip" aria-hidden>
        <Row
          height="100%"
          backgroundColor="$moss"
          style={{ width: `${(behind / (toDo + behind)) * 100}%` }}
        />
      </Row>
      <Words size="second" tone="inkSoft">
        {duration(behind)} done, {duration(toDo)} to do
      </Words>
    </Column>
  )
}

function Actions({ project, done }: { project: Project; done: readonly Action[] }) {
  const { id, state } = project
  const document = useHeldDocument()
  const today = useToday()
  const open = lists.actionsOfProject(document, id)
  const next = lists.nextActionOf(document, id, today)
  const after = amongTheRest(
    open.filter((action) => action !== next),
    done,
  )
  return (
    <>
      {next ? <Band title="Next" actions={[next]} counted="" showDay /> : null}
      {!next && state === 'open' ? (
        <Column>
          <BandHeading title="Next" />
          <EmptyPlace says="No next action. What is the very next thing somebody can do? Or:">
            <WhatElse id={id} />
          </EmptyPlace>
        </Column>
      ) : null}
      {open.length === 1 && state === 'open' ? <Shrink project={project} /> : null}
      {after.length > 0 ? (
        <Band title={project.inOrder ? 'After that, in order' : 'The others'} actions={after} showDay />
      ) : null}
    </>
  )
}

/** What is a single action need not be a project. */
function Shrink({ project: { id, title } }: { project: Project }) {
  const act = useAct()
  const { open } = useOpened()
  const [action] = lists.actionsOfProject(useHeldDocument(), id)
  return (
    <Button
      kind="quiet"
      label="Only one action? Shrink the project to it"
      alignSelf="flex-start"
      marginLeft="$-2"
      onPress={() => {
        if (act('shrinkToAction', { id }, { say: `Shrunk to its action: ${shortened(title)}` }).ok && action)
          open(action.id)
      }}
    />
  )
}
