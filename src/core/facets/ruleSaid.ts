// The rule of a sentence, with the end that is said beside it, and the day on which it comes first.
import { toRuleText, type RepeatRule } from '../repeat'
import { firstOn } from '../repeat/days'
import type { Draft } from '../sentence/draft'
import type { CalendarDate } from '../time'
import type { SaidClauses } from './facet'

type RuleSaid = Omit<NonNullable<Draft['repeat']>, 'startsOn'> & { readonly whole: RepeatRule }

export function ruleSaid({ first }: SaidClauses): RuleSaid | null {
  const repeat = first('repeat')
  if (!repeat) return null
  const [until, times] = [first('until'), first('times')]
  const whole = {
    ...repeat.rule,
    ...(until ? { until: until.date } : {}),
    ...(times ? { times: times.times } : {}),
  }
  return { rule: toRuleText(whole), fromDone: repeat.fromDone, time: repeat.time, whole }
}

/** What comes back by the calendar is on its first day, where no other is said. */
export function comesFirst(said: SaidClauses): CalendarDate | null {
  const repeat = ruleSaid(said)
  return repeat && !repeat.fromDone ? firstOn(repeat.whole, said.first('day')?.date ?? said.today) : null
}
