// From which day on it fits, before anything is promised: "Fits from Thu 12 Mar on."
import { useToday } from '@/held/zen'
import { Words } from '@/ui'
import { nearDate } from '@/words'
import { useFitsFrom } from './useFit'

export function FitsFrom({ id, minutes }: { id: string; minutes: number | null }) {
  const today = useToday()
  const date = useFitsFrom({ id, minutes, date: today, minute: 1440 })
  if (date === null) return null
  return (
    <Words size="second" tone="inkSoft">
      {date === today ? 'Fits today.' : `Fits from ${nearDate(date, today)} on.`}
    </Words>
  )
}
