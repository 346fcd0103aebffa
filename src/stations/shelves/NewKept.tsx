// A line for something new in a list of what is kept: what is said goes into its title, an address with it.
import { useAct } from '@/held/zen'
import { NameLine } from '@/parts/text/NameLine'

const addressIn = /https?:\/\/\S+/i

export function NewKept({ kind }: { kind: 'reference' | 'reading' }) {
  const act = useAct()
  const make = (said: string) => {
    const address = addressIn.exec(said)?.[0] ?? null
    const title = (address ? said.replace(address, '') : said).trim() || said
    return act(kind === 'reference' ? 'addReference' : 'addReading', { title, address }).ok
  }
  return <NameLine label={kind === 'reference' ? 'New reference' : 'New reading'} onMake={make} />
}
