// Hearing through the browser's own recogniser; where there is none, a stand-in that "hears" prepared phrases one after
// another, so that the way works and can be tried. It says what it is.

export interface Hearing {
  /** Told when listening begins; null where there is nothing to tell. */
  readonly says: string | null
  stop(): void
}

interface Listener {
  readonly onHeard: (text: string) => void
  /** With a sentence where nothing could be heard. */
  readonly onEnd: (problem: string | null) => void
}

/** The part of the Web Speech API that is used: TypeScript does not know it. */
interface Recogniser {
  lang: string
  interimResults: boolean
  continuous: boolean
  processLocally?: boolean
  onresult: ((event: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null
  onerror: ((event: { error: string }) => void) | null
  onend: (() => void) | null
  start(): void
  stop(): void
}
type Recognisers = {
  SpeechRecognition?: new () => Recogniser
  webkitSpeechRecognition?: new () => Recogniser
}

const prepared = [
  'ring the tile maker about samples by friday 20 min',
  'water the ferns every monday',
  'buy felt and two long screws',
]
let next = 0

const problems: Readonly<Record<string, string>> = {
  'not-allowed':
    'The browser does not let Zen Tray use the microphone. Its settings for this page can change that.',
  'audio-capture': 'No microphone was found.',
  'no-speech': 'Nothing was heard.',
  network: 'The browser’s recogniser could not be reached. Typing works without it.',
}

function standIn({ onHeard, onEnd }: Listener): Hearing {
  const timer = setTimeout(() => {
    onHeard(prepared[next % prepared.length] as string)
    next++
    onEnd(null)
  }, 400)
  return {
    says: 'This browser has no recogniser. So that you can see the way, a prepared phrase is “heard”.',
    stop: () => {
      clearTimeout(timer)
      onEnd(null)
    },
  }
}

export function startHearing(listener: Listener): Hearing {
  const { SpeechRecognition, webkitSpeechRecognition } = window as unknown as Recognisers
  const Found = SpeechRecognition ?? webkitSpeechRecognition
  if (!Found) return standIn(listener)
  const recogniser = new Found()
  recogniser.lang = 'en-GB'
  recogniser.interimResults = false
  recogniser.continuous = false
  let problem: string | null = null
  recogniser.onresult = ({ results }) => {
    const heard = Array.from(results, (result) => result[0]?.transcript ?? '')
      .join(' ')
      .trim()
    if (heard !== '') listener.onHeard(heard)
  }
  recogniser.onerror = ({ error }) => {
    if (error !== 'aborted') problem = problems[error] ?? 'Nothing could be heard.'
  }
  recogniser.onend = () => listener.onEnd(problem)
  recogniser.start()
  return {
    says: 'Listening. The browser may send what it hears to its maker; the words come back into the line.',
    stop: () => recogniser.stop(),
  }
}
