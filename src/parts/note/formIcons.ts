// The icons of what words can be made into; they load with the editor and not with the others.
import Bold from 'lucide-react/icons/bold'
import Heading from 'lucide-react/icons/heading'
import Link from 'lucide-react/icons/link'
import List from 'lucide-react/icons/list'
import ListChecks from 'lucide-react/icons/list-checks'

export const formIcons = {
  bold: Bold,
  heading: Heading,
  link: Link,
  bulletList: List,
  taskList: ListChecks,
} as const
