// What somebody new chooses in a minute, as one act: contexts, areas, available hours, the first day of the week.
import { blankOf, type Area, type Context, type Group, type Settings, type Side } from '@/core/record'
import { rankOfNumber } from '@/core/record'
import { idByName, setSettings } from './named/around'
import { added, diffOf, lineOf, type Command } from './command'
import { lettersFor } from './shelf/lettersFor'

export interface FirstChoices {
  readonly contexts: readonly string[]
  readonly areas: readonly { readonly name: string; readonly side: Side; readonly ink: number }[]
  /** Hours worked, by weekday; where it says nothing, from the beginning to the end of a day. */
  readonly workingHours: Settings['workingHours']
  /** On Monday … Sunday. */
  readonly availableMinutes: readonly number[]
  readonly weekStartsOn: number
}

const groupNames: Readonly<Record<Side, string>> = { work: 'Work', private: 'Private' }

/** Names said twice are made once; empty ones are left out. */
const linesIn = (names: readonly string[]): string[] => {
  const lines = names.flatMap((name) => {
    const line = lineOf(name, 'name')
    return line.ok ? [line.value] : []
  })
  return lines.filter(
    (line, index) => lines.findIndex((other) => other.toLowerCase() === line.toLowerCase()) === index,
  )
}

export const chooseFirst: Command<FirstChoices> = (
  context,
  { contexts, areas, workingHours, availableMinutes, weekStartsOn },
) => {
  const made: Context[] = linesIn(contexts).map((name, index) => ({
    ...blankOf('context'),
    id: idByName(context, 'context', name),
    name,
    rank: rankOfNumber(index),
  }))
  const named = linesIn(areas.map(({ name }) => name))
  const chosen = named.map((name) => ({
    ...(areas.find((area) => area.name.toLowerCase().trim() === name.toLowerCase()) ?? {
      side: 'work' as const,
      ink: 0,
    }),
    name,
  }))
  const sides = [...new Set(chosen.map(({ side }) => side))]
  const groups: Group[] = sides.map((side, index) => ({
    ...blankOf('group'),
    id: idByName(context, 'group', groupNames[side]),
    name: groupNames[side],
    side,
    rank: rankOfNumber(index),
  }))
  const shelves: Area[] = chosen.map(({ name, side, ink }, index) => ({
    ...blankOf('area'),
    id: idByName(context, 'area', name),
    groupId: groups.find((group) => group.side === side)?.id ?? null,
    name,
    stamp: lettersFor(name),
    ink,
    rank: rankOfNumber(index),
  }))
  const settings = setSettings(context, { workingHours, availableMinutes, weekStartsOn })
  return diffOf(...[...made, ...groups, ...shelves].map(added), ...(settings.ok ? settings.value : []))
}
