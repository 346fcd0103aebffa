// The face of each part of a review that is no question.
import { AheadStone, MeetingsStone } from './MeetingsStone'
import { AimsStone } from './AimsStone'
import { AreasStone } from './AreasStone'
import { BoxStone } from './BoxStone'
import { DoneStone } from './DoneStone'
import { FinishedStone } from './FinishedStone'
import { GoalsStone } from './GoalsStone'
import { HabitsStone } from './HabitsStone'
import { NotDoneStone } from './NotDoneStone'
import { OrderStone } from './OrderStone'
import { ProjectsStone } from './ProjectsStone'
import { SomedayStone } from './SomedayStone'
import { TrayStone } from './TrayStone'
import { WaitingStone } from './WaitingStone'

export const faces = {
  tray: TrayStone,
  box: BoxStone,
  behind: MeetingsStone,
  ahead: AheadStone,
  notDone: NotDoneStone,
  waiting: WaitingStone,
  projects: ProjectsStone,
  areas: AreasStone,
  goals: GoalsStone,
  someday: SomedayStone,
  order: OrderStone,
  done: DoneStone,
  aims: AimsStone,
  finished: FinishedStone,
  habits: HabitsStone,
} as const
