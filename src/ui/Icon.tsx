// The icons in use, by what they stand for. Deep imports: each brings itself and nothing else.
import BookOpen from 'lucide-react/icons/book-open'
import Calendar1 from 'lucide-react/icons/calendar-1'
import CalendarRange from 'lucide-react/icons/calendar-range'
import Check from 'lucide-react/icons/check'
import ChevronDown from 'lucide-react/icons/chevron-down'
import ChevronLeft from 'lucide-react/icons/chevron-left'
import ChevronRight from 'lucide-react/icons/chevron-right'
import ChevronUp from 'lucide-react/icons/chevron-up'
import Clock from 'lucide-react/icons/clock-8'
import Cloud from 'lucide-react/icons/cloud'
import Copy from 'lucide-react/icons/copy'
import CornerDownLeft from 'lucide-react/icons/corner-down-left'
import Ellipsis from 'lucide-react/icons/ellipsis'
import Download from 'lucide-react/icons/download'
import Filter from 'lucide-react/icons/list-filter'
import ExternalLink from 'lucide-react/icons/external-link'
import Hourglass from 'lucide-react/icons/hourglass'
import Inbox from 'lucide-react/icons/inbox'
import Info from 'lucide-react/icons/info'
import Layers from 'lucide-react/icons/layers'
import LibraryBig from 'lucide-react/icons/library'
import Minus from 'lucide-react/icons/minus'
import List from 'lucide-react/icons/list'
import Mail from 'lucide-react/icons/mail'
import Mic from 'lucide-react/icons/mic'
import Moon from 'lucide-react/icons/moon'
import NotebookPen from 'lucide-react/icons/notebook-pen'
import Paperclip from 'lucide-react/icons/paperclip'
import Phone from 'lucide-react/icons/phone'
import PenLine from 'lucide-react/icons/pen-line'
import Plus from 'lucide-react/icons/plus'
import Redo2 from 'lucide-react/icons/redo-2'
import RotateCcw from 'lucide-react/icons/rotate-ccw'
import Search from 'lucide-react/icons/search'
import Settings2 from 'lucide-react/icons/sliders-horizontal'
import Timer from 'lucide-react/icons/timer'
import Undo2 from 'lucide-react/icons/undo-2'
import User from 'lucide-react/icons/user-round'
import Glasses from 'lucide-react/icons/glasses'
import X from 'lucide-react/icons/x'
import type { Tone } from './tokens'

const icons = {
  tray: Inbox,
  day: Calendar1,
  week: CalendarRange,
  shelves: LibraryBig,
  review: RotateCcw,
  undo: Undo2,
  redo: Redo2,
  search: Search,
  close: X,
  pen: PenLine,
  enter: CornerDownLeft,
  check: Check,
  plus: Plus,
  minus: Minus,
  next: ChevronRight,
  previous: ChevronLeft,
  up: ChevronUp,
  down: ChevronDown,
  lamp: Moon,
  settings: Settings2,
  filter: Filter,
  timer: Timer,
  hours: Clock,
  list: List,
  project: Layers,
  someday: Cloud,
  reference: BookOpen,
  person: User,
  hourglass: Hourglass,
  reading: Glasses,
  clip: Paperclip,
  more: Ellipsis,
  note: NotebookPen,
  info: Info,
  save: Download,
  microphone: Mic,
  phone: Phone,
  mail: Mail,
  open: ExternalLink,
  copy: Copy,
} as const
export type IconName = keyof typeof icons

/** Decoration only: whatever holds it carries the name. */
export function Icon({ name, size = 20, tone = 'ink' }: { name: IconName; size?: number; tone?: Tone }) {
  const Drawn = icons[name]
  return (
    <Drawn
      size={size}
      strokeWidth={1.6}
      color={`var(--${tone})`}
      aria-hidden
      focusable={false}
      style={{ flexShrink: 0 }}
    />
  )
}
