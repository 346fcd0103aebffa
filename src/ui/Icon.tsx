// The icons in use, by what they stand for. Deep imports: each brings itself and nothing else.
import { useTheme } from '@tamagui/core'
import BookOpen from 'lucide-react-native/icons/book-open'
import CalendarDays from 'lucide-react-native/icons/calendar-days'
import Check from 'lucide-react-native/icons/check'
import ChevronDown from 'lucide-react-native/icons/chevron-down'
import ChevronLeft from 'lucide-react-native/icons/chevron-left'
import ChevronRight from 'lucide-react-native/icons/chevron-right'
import ChevronUp from 'lucide-react-native/icons/chevron-up'
import Cloud from 'lucide-react-native/icons/cloud'
import CornerDownLeft from 'lucide-react-native/icons/corner-down-left'
import Inbox from 'lucide-react-native/icons/inbox'
import Layers from 'lucide-react-native/icons/layers'
import LibraryBig from 'lucide-react-native/icons/library'
import Minus from 'lucide-react-native/icons/minus'
import Moon from 'lucide-react-native/icons/moon'
import PenLine from 'lucide-react-native/icons/pen-line'
import Plus from 'lucide-react-native/icons/plus'
import Redo2 from 'lucide-react-native/icons/redo-2'
import RotateCcw from 'lucide-react-native/icons/rotate-ccw'
import Search from 'lucide-react-native/icons/search'
import Settings2 from 'lucide-react-native/icons/sliders-horizontal'
import Sun from 'lucide-react-native/icons/sun'
import Timer from 'lucide-react-native/icons/timer'
import Undo2 from 'lucide-react-native/icons/undo-2'
import X from 'lucide-react-native/icons/x'
import type { Tone } from './tokens'

const icons = {
  tray: Inbox, day: Sun, week: CalendarDays, shelves: LibraryBig, review: RotateCcw, undo: Undo2, redo: Redo2, search: Search, close: X, pen: PenLine, enter: CornerDownLeft,
  check: Check, plus: Plus, minus: Minus, next: ChevronRight, previous: ChevronLeft, up: ChevronUp, down: ChevronDown, lamp: Moon, settings: Settings2, timer: Timer, project: Layers, someday: Cloud, reference: BookOpen,
} as const
export type IconName = keyof typeof icons

/** Decoration only: whatever holds it carries the name. */
export function Icon({ name, size = 20, tone = 'ink' }: { name: IconName; size?: number; tone?: Tone }) {
  const theme = useTheme()
  const Drawn = icons[name]
  return <Drawn size={size} strokeWidth={1.6} color={theme[tone]?.get() as string} aria-hidden focusable={false} />
}
