import type { SymptomId } from '@/core/record/answer'
import { WARNINGS } from '@/core/safety/warnings'
import type { BenchInput } from '@/core/bench/input'
import type { Aside } from '@/core/bench/state'

/** One thing that can be chosen on a strip over the answers. */
export interface AsideChoice {
  readonly words: string
  readonly input: BenchInput
  readonly key: string
}

/** Reasons for leaving a test out, most common first. */
const REASONS = ['too sore for it', 'cannot lie or sit that way', 'not needed', 'no time', 'patient refused'] as const

/** What each strip says, and offers. */
export const ASIDE_WORDS: Record<Aside, string> = {
  skip: 'Left out, because',
  warning: 'A warning sign',
  rate: 'How strong is it now?',
}

/** The choices of a strip, in the order of their digits. */
export function asideChoices(aside: Aside, rated: SymptomId | null): readonly AsideChoice[] {
  switch (aside) {
    case 'skip':
      return REASONS.map((why, i) => ({ words: why, key: String(i + 1), input: { do: 'skip', why } }))
    case 'warning':
      return WARNINGS.map((sign) => ({ words: sign.words, key: sign.key, input: { do: 'warn', sign: sign.id } }))
    case 'rate':
      if (rated === null) return []
      return Array.from({ length: 11 }, (_, now) => ({
        words: String(now),
        key: now === 10 ? 't' : String(now),
        input: { do: 'rate', symptom: rated, value: now },
      }))
  }
}
