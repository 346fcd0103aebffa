// Putting a text on the clipboard, and saying whether the browser let it.
import { desk } from './desk'

export async function copied(text: string, says: string): Promise<boolean> {
  const { tell } = desk.getState()
  try {
    await navigator.clipboard.writeText(text)
    tell(says)
    return true
  } catch {
    tell('The browser did not let it be copied. Select the text and copy it yourself.', { problem: true })
    return false
  }
}
