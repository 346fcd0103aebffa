// How far a project is, as a bar and in words; and when it will be over at the pace it has had, with what that rests
// on.
import { useState } from 'react'
import type { Project } from '@/core/record'
import { useFinishRanges } from '@/held/finishRanges'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { useOnDemand } from '@/held/reader'
import type { OnDemand } from '@/state'
import { Button, Column, Row, Words } from '@/ui'
import { finishWords, inTimeWords, paceWords, restsOnWords } from '@/words/pace'

export function PaceLine({ project }: { readonly project: Project }) {
  const read = useOnDemand()?.pace
  return read ? <Told project={project} read={read} /> : null
}

function Told({ project, read }: { readonly project: Project; readonly read: OnDemand['pace'] }) {
  const { id, due, state } = project
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const [isAsked, setAsked] = useState(false)
  const pace = read.paceOf(document, id, today, clock.zone())
  const { doneMinutes, toDoMinutes, asked } = pace
  const range = useFinishRanges(asked && state === 'open' ? [asked] : []).get(id)
  if (doneMinutes + toDoMinutes === 0) return null
  const tone = range && due && inTimeWords(range, due) !== 'in time' ? 'clay' : 'inkSoft'
  return (
    <Column gap="$1.5" paddingTop="$1">
      <Row height={10} borderWidth={1} borderColor="$edge" backgroundColor="$slip" aria-hidden>
        <Row
          height="100%"
          backgroundColor="$moss"
          style={{ width: `${(doneMinutes / (toDoMinutes + doneMinutes)) * 100}%` }}
        />
      </Row>
      <Words size="second" tone="inkSoft">
        {paceWords(pace)}
      </Words>
      {range && asked ? (
        <Column>
          <Row gap="$2" alignItems="center">
            <Words size="second" tone={tone} flexShrink={1} minWidth={0}>
              {finishWords(range, due, today)}
            </Words>
            <Button
              kind="quiet"
              label="Why?"
              flexShrink={0}
              aria-expanded={isAsked}
              aria-label="What that rests on"
              onPress={() => setAsked(!isAsked)}
            />
          </Row>
          {isAsked ? (
            <Words size="second" tone="inkSoft">
              {restsOnWords({ ...pace, weeks: asked.weeks.length })}
            </Words>
          ) : null}
        </Column>
      ) : null}
    </Column>
  )
}
