// The week from top to bottom on a phone. What is past is left out unless something still stands there.
import { View } from '@tamagui/core'
import type { WeekSheet } from '@/core/week'
import { BandHeading, Column, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { RowList } from '@/parts/rows/RowList'
import { weekdayShort } from '@/words'
import { useToday } from '@/held/zen'
import { DayLoad } from './DayLoad'

export function DayStack({ sheet }: { sheet: WeekSheet }) {
  const today = useToday()
  return (
    <Column>
      {sheet.noDayYet.length > 0 ? <Band title="No day yet" actions={sheet.noDayYet} quick="move" /> : null}
      {sheet.days
        .filter(({ date, actions }) => date >= today || actions.length > 0)
        .map(({ date, actions, load }) => (
          <View key={date} render="section" aria-label={weekdayShort(date)} paddingTop="$3.5">
            <BandHeading
              title={date === today ? `${weekdayShort(date)}, today` : weekdayShort(date)}
              tone={date === today ? 'brass' : 'inkSoft'}
            />
            <DayLoad load={load} />
            <Column height={8} />
            {actions.length === 0 ? (
              <Words size="second" tone="inkSoft">
                Nothing laid here.
              </Words>
            ) : (
              <RowList
                items={actions}
                label={weekdayShort(date)}
                render={(action) => <ActionRow action={action} quick="move" />}
              />
            )}
          </View>
        ))}
    </Column>
  )
}
