// What can be asked, nearest to a question that can't be answered: its own words in the forms that can.
const asks =
  /^(?:when|how|what|who|whom|which|where|why|whose|did|do|does|have|has|was|were|is|are|will|would|should|can|could)$/i
const small =
  /^(?:i|we|me|us|my|our|the|a|an|to|for|with|of|on|in|at|by|it|that|this|last|long|much|many|often|time|times|first|ever|be|been|get|got|not|and|or)$/i

const mostWords = 6

/** A sentence that asks something, and isn't words to look for: three words or more, begun or ended like a question. */
export function isAsking(text: string): boolean {
  const words = text.trim().split(/\s+/)
  return words.length > 2 && (asks.test((words[0] ?? '').toLowerCase()) || text.trim().endsWith('?'))
}

/**
 * Questions that can be answered, the nearest first. Its telling words stand in them; `isName` says which of them is
 * the name of somebody or something here.
 */
export function nearQuestions(text: string, isName: (word: string) => boolean): readonly string[] {
  const all = text.split(/[\s?!.,;:]+/).filter(Boolean)
  const [first = ''] = all.map((word) => word.toLowerCase())
  const telling = all.filter((word) => !asks.test(word) && !small.test(word))
  const name = telling.find((word) => isName(word))
  const words = telling.slice(0, mostWords).join(' ')
  const untouched = 'Which projects have I not touched for six weeks?'
  const waiting = name ? `What am I waiting for from ${name}?` : 'Who am I waiting for?'
  if (words === '') return [waiting, untouched, 'What did I do last week?']
  const lastTime = `When did I last ${words}?`
  const done = name ? `What did I do for ${name}?` : 'What did I do this month?'
  const much = name ? `How much time did I spend on ${name}?` : `How long did ${words} take?`
  if (first === 'when') return [lastTime, done, much]
  if (first === 'how') return [much, `How often did I ${words}?`, lastTime]
  if (/^who/.test(first)) return [waiting, done, lastTime]
  if (first === 'which') return [untouched, done, lastTime]
  return [done, lastTime, much]
}
