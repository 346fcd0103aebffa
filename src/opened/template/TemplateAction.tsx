// An action of a template opened: like any action, but that its dates are counted and nothing of it can be done.
import { roomForActs } from '../roomForActs'
import { useState } from 'react'
import { countedOfAction, type Action, type Blank, type CountedField } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import type { OnDemand } from '@/state'
import { OpenedChooser, OpenedCountedChooser, useChooser } from '@/parts/choosers/useChooser'
import { NoteBand } from '@/parts/note/NoteBand'
import { SaidLine } from '@/parts/said/SaidLine'
import { EditText } from '@/parts/text/EditText'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { Button, Column, Press, Words } from '@/ui'
import { chooserWords, saidOf, unsaidOf, type SaidChip, type SaidField } from '@/words'
import { countedWords } from '@/words/templates'
import type { Template } from '@/state/read/isTemplate'
import { Checklists } from '../Checklists'
import { OpenedFoot } from '../OpenedFoot'
import { OpenedParts } from '../OpenedParts'
import { useComingBack } from '../useComingBack'
import { useBlocked } from '../useBlocked'
import { PutIn } from './Blanks'

const isCounted = (field: SaidField): field is CountedField =>
  (countedOfAction as readonly string[]).includes(field)
const never: readonly SaidField[] = ['waiting', 'signOff', 'chase', 'since', 'shelf', 'reminder']

export function TemplateAction({
  action,
  template,
  read,
}: {
  readonly action: Action
  readonly template: Template
  readonly read: OnDemand['templates']
}) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  const comingBack = useComingBack(action)
  const blocked = useBlocked(action)
  const { open } = useOpened()
  const [asked, setAsked] = useState<CountedField | null>(null)
  const { id } = action
  const whole = read.wholeTemplate(document, template)
  const blanks = read.blanksOf(document, whole.id)
  const counted = read.countedOf(document, id)
  const set = (patch: ActionPatch) => act('editAction', { id, patch }, { say: false })
  const nameOf = (blankId: Blank['id'] | null) => blanks.find((blank) => blank.id === blankId)?.name ?? null
  const dates: SaidChip[] = counted.map((each) => ({
    field: each.field,
    words: countedWords(each, nameOf(each.blankId)),
  }))
  const said = saidOf(action, document, today).filter(
    ({ field }) => !isCounted(field) && !never.includes(field) && !(field === 'horizon' && dates.length > 0),
  )
  const unset = countedOfAction.filter((field) => !counted.some((each) => each.field === field))
  return (
    <Column gap="$2.5" flexGrow={1}>
      <Press maxWidth="100%" paddingRight={roomForActs} onPress={() => open(template.id)}>
        <Words size="second" tone="brass" oneLine>
          {`In the template ${template.title}`}
        </Words>
      </Press>
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={action.title}
        needed="An action needs a title."
        onKeep={(title, typing) =>
          act('editAction', { id, patch: { title } }, { say: false, atField: true, ...typing })
        }
      />
      <PutIn
        blanks={read.askedBy(document, whole)}
        onPut={(name) =>
          act(
            'editAction',
            { id, patch: { title: `${action.title} ${read.blankMark(name)}` } },
            { say: false },
          )
        }
      />
      <SaidLine
        chips={[...dates, ...said, ...blocked.chips, ...comingBack.chips]}
        offers={[
          ...unset,
          ...unsaidOf(action).filter((field) => !isCounted(field) && !never.includes(field)),
          ...blocked.offers,
          ...comingBack.offers.filter((field) => !never.includes(field)),
        ]}
        onChoose={(field, of) => {
          if (isCounted(field)) setAsked(field)
          else if (!comingBack.choose(field, of) && !blocked.choose(field, of)) chooser.choose(field)
        }}
      />
      <NoteBand of={id} />
      <OpenedParts of={id} />
      <Checklists of={id} />
      <OpenedFoot>
        <Button
          kind="quiet"
          label="Remove it from the template"
          onPress={() => {
            open(template.id)
            act('letGo', { id })
          }}
        />
      </OpenedFoot>
      <OpenedChooser chooser={chooser} of={action} onSet={set} />
      {comingBack.layer}
      {blocked.layer}
      {asked ? (
        <OpenedCountedChooser
          title={chooserWords[asked]}
          counted={counted.find((each) => each.field === asked) ?? null}
          days={blanks.filter(({ kind }) => kind === 'date')}
          hasTime={asked === 'due' || asked === 'at'}
          onChoose={(to) => act('setCounted', { of: id, field: asked, to }, { say: false })}
          onClose={() => setAsked(null)}
        />
      ) : null}
    </Column>
  )
}
