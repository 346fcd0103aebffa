// The dates that a template counts for the project it makes, or for a part of it: when it begins and is due.
import { useState } from 'react'
import { countedOfProject } from '@/core/record'
import type { OnDemand } from '@/state'
import type { Template } from '@/state/read/isTemplate'
import { OpenedCountedChooser } from '@/parts/choosers/useChooser'
import { SaidLine } from '@/parts/said/SaidLine'
import { useAct, useHeldDocument } from '@/held/zen'
import { chooserWords } from '@/words'
import { countedWords } from '@/words/templates'

type Field = (typeof countedOfProject)[number]
const isField = (field: string): field is Field => (countedOfProject as readonly string[]).includes(field)

export function TemplateDates({
  template,
  whole,
  read,
}: {
  readonly template: Template
  /** The template that asks for the days. */
  readonly whole: Template
  readonly read: OnDemand['templates']
}) {
  const act = useAct()
  const document = useHeldDocument()
  const [asked, setAsked] = useState<Field | null>(null)
  const blanks = read.blanksOf(document, whole.id)
  const all = read.countedOf(document, template.id)
  const counted = countedOfProject.flatMap((field) => all.find((each) => each.field === field) ?? [])
  const nameOf = (id: string | null) => blanks.find((blank) => blank.id === id)?.name ?? null
  return (
    <>
      <SaidLine
        chips={counted.map((each) => ({
          field: each.field,
          words: countedWords(each, nameOf(each.blankId)),
        }))}
        offers={countedOfProject.filter((field) => !counted.some((each) => each.field === field))}
        onChoose={(field) => {
          if (isField(field)) setAsked(field)
        }}
      />
      {asked ? (
        <OpenedCountedChooser
          title={chooserWords[asked]}
          counted={counted.find(({ field }) => field === asked) ?? null}
          days={blanks.filter(({ kind }) => kind === 'date')}
          hasTime={false}
          onChoose={(to) => act('setCounted', { of: template.id, field: asked, to }, { say: false })}
          onClose={() => setAsked(null)}
        />
      ) : null}
    </>
  )
}
