// A line for something new in a list of what is kept: what is said goes into its title, a link with it.
import { useAct } from '@/held/zen'
import { NameLine } from '@/parts/text/NameLine'

const linkIn = /https?:\/\/\S+/i

export function NewKept({ kind }: { kind: 'reference' | 'reading' }) {
  const act = useAct()
  const make = (said: string) => {
    const link = linkIn.exec(said)?.[0] ?? null
    const title = (link ? said.replace(link, '') : said).trim() || said
    return act(kind === 'reference' ? 'addReference' : 'addReading', { title, link }).ok
  }
  return <NameLine label={kind === 'reference' ? 'New reference' : 'New reading'} onMake={make} />
}
