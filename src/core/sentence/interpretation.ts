// What one reader of phrases makes of a run of words, before its neighbours are looked at.
import type { Guess, Meaning } from './clause'

export interface Interpretation {
  readonly meaning: Meaning
  /** A weak reading counts only after a comma or right behind another clause: "light" in "…, 20 min, light". */
  readonly weak: boolean
  readonly inTitle: boolean
  readonly guess: Guess | null
}

export const strong = (meaning: Meaning, guess: Guess | null = null): Interpretation => ({
  meaning,
  weak: false,
  inTitle: false,
  guess,
})

export const weak = (meaning: Meaning, guess: Guess | null = null): Interpretation => ({
  ...strong(meaning, guess),
  weak: true,
})
