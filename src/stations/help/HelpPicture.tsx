// The pictures of the help, drawn with the parts of the program itself from made-up things. They are looked at, not
// pressed.
import { lazy, Suspense, type ReactNode } from 'react'
import { View } from '@tamagui/core'
import { compartments } from '@/core/sorting'
import { BoxMark, Column, Row, SaidChip, Seal, SlipRow, Words } from '@/ui'
import { compartmentNames } from '@/words/names'
import type { HelpId } from '@/words/help'

const Tape = lazy(() => import('@/ui/drawings').then((drawn) => ({ default: drawn.Tape })))

const nothing = () => {}

const Line = ({ says }: { says: string }) => (
  <View borderWidth={1} borderColor="$edge" backgroundColor="$slip" padding="$3" borderRadius={3}>
    <Words>{says}</Words>
  </View>
)
const Chips = ({ of }: { of: readonly string[] }) => (
  <Row gap="$2" flexWrap="wrap">
    {of.map((text) => (
      <SaidChip key={text} text={text} onPress={nothing} />
    ))}
  </Row>
)
const OneRow = ({
  title,
  details,
  letters,
  ink,
  done = false,
}: {
  title: string
  details: string
  letters: string
  ink: number
  done?: boolean
}) => (
  <SlipRow
    title={title}
    details={details}
    letters={letters}
    ink={ink}
    struck={done}
    ticked={done}
    onOpen={nothing}
    onTick={nothing}
  />
)

/** A day from eight to six: two hours done, three planned, half an hour too much. */
const tape = {
  startsAtMinute: 480,
  endsAtMinute: 1080,
  busy: [],
  pieces: [
    { id: 'a', title: 'a', from: 480, to: 555, fitsTo: 555, kind: 'done' },
    { id: 'b', title: 'b', from: 600, to: 690, fitsTo: 690, kind: 'planned' },
    { id: 'c', title: 'c', from: 720, to: 780, fitsTo: 780, kind: 'fixed' },
    { id: 'd', title: 'd', from: 780, to: 900, fitsTo: 870, kind: 'planned' },
  ],
} as const

const Bar = ({ day, share }: { day: string; share: number }) => (
  <Column flex={1} gap="$1" alignItems="center">
    <Words size="small" tone="inkSoft">
      {day}
    </Words>
    <View width="100%" height={8} borderWidth={1} borderColor="$edge" backgroundColor="$slip">
      <View height={6} backgroundColor="$mossWash" style={{ width: `${share}%` }} />
    </View>
  </Column>
)

const pictures: Readonly<Record<HelpId, () => ReactNode>> = {
  start: () => (
    <Column gap="$2">
      <Line says="ring Oda about the quote by friday, 20 min" />
      <OneRow
        title="Ring Oda about the quote"
        details="Phone · 20 min · due Fri 13 Mar"
        letters="Of"
        ink={2}
      />
    </Column>
  ),
  add: () => (
    <Column gap="$2">
      <Chips of={['due Fri 13 Mar', '20 min', 'Oda']} />
      <Line says="ring Oda about the quote by friday, 20 min" />
    </Column>
  ),
  tray: () => (
    <Column>
      {['renew the parking permit', 'idea: a sound walk'].map((says) => (
        <View key={says} backgroundColor="$slip" borderBottomWidth={1} borderColor="$rule" padding="$3">
          <Words>{says}</Words>
        </View>
      ))}
    </Column>
  ),
  sorting: () => (
    <View style={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 4 }}>
      {compartments.map((compartment) => (
        <View
          key={compartment}
          borderWidth={1}
          borderColor="$edge"
          backgroundColor="$slip"
          padding="$2"
          alignItems="center"
        >
          <Words size="small">{compartmentNames[compartment]}</Words>
        </View>
      ))}
    </View>
  ),
  dates: () => (
    <Chips of={['due Fri 13 Mar', 'on Thu 12 Mar', 'today at 14:30', 'not before 1 Apr', 'soon']} />
  ),
  day: () => (
    <Suspense fallback={<View height={62} />}>
      <Tape tape={tape} nowMinute={600} words="" />
    </Suspense>
  ),
  reach: () => <Chips of={['Desk', '30 min', 'light']} />,
  week: () => (
    <Row gap="$1.5">
      {(
        [
          ['Mon', 90],
          ['Tue', 60],
          ['Wed', 100],
          ['Thu', 40],
          ['Fri', 20],
        ] as const
      ).map(([day, share]) => (
        <Bar key={day} day={day} share={share} />
      ))}
    </Row>
  ),
  shelves: () => (
    <Row gap="$3" alignItems="center">
      <Seal letters="Cl" ink={6} />
      <Column>
        <Words size="title">Client rooms</Words>
        <Words size="second" tone="inkSoft">
          8 projects · 44 actions
        </Words>
      </Column>
    </Row>
  ),
  lenses: () => (
    <p className="lens-sentence">
      Actions <u>ready</u>, <u>at Desk</u>, <u>up to 20 min</u>; sorted by <u>due</u>.
    </p>
  ),
  review: () => (
    <ol className="stones">
      {['Tray', 'Waiting', 'Projects', 'Aims'].map((label, at) => (
        <li key={label}>
          <span className={at < 2 ? 'pebble done' : 'pebble'} />
          {label}
        </li>
      ))}
    </ol>
  ),
  data: () => (
    <Row gap="$2" alignItems="center">
      <BoxMark checked />
      <Words tone="inkSoft">Done: Oil the kitchen door</Words>
      <Words tone="brass">Undo</Words>
    </Row>
  ),
}

export const HelpPicture = ({ of }: { of: HelpId }) => (
  <div className="help-picture" aria-hidden inert>
    {pictures[of]()}
  </div>
)
