import type { SymptomId } from '@/core/record/answer'
import { WARNINGS } from '@/core/safety/warnings'
import type { BenchInput } from '@/core/bench/input'
import type { InHand } from '@/core/bench/in-hand'
import type { Aside } from '@/core/bench/state'
import { PLAN_MODES } from '@/core/planner/modes'
import { offered } from '@/core/record/outline'

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
  technique: 'Technique',
  plan: 'Plan the rest by',
  questions: 'Safety questions',
  more: 'More',
  treatment: 'What was treated',
}

/** The field for a reason of one’s own, and the key that leads to it. */
export const OWN_REASON_ID = 'own-reason'
export const OWN_REASON_KEY = String(REASONS.length + 1)

/** Digits for a list, and letters once they are spent. */
const LIST_KEYS = '1 2 3 4 5 6 7 8 9 0 a b c d e f'.split(' ')

/** The choices of a strip, in the order of their keys. */
export function asideChoices(aside: Aside, rated: SymptomId | null, inHand: InHand | null): readonly AsideChoice[] {
  switch (aside) {
    case 'skip':
      return REASONS.map((why, i) => ({ words: why, key: String(i + 1), input: { do: 'skip', why } }))
    case 'warning':
      return WARNINGS.map((sign) => ({ words: sign.words, key: sign.key, input: { do: 'warn', sign: sign.id } }))
    case 'technique':
      return offered(inHand?.test.variants ?? []).map((v, i) => ({ words: v.name, key: LIST_KEYS[i] ?? '', input: { do: 'change-variant', variant: v.id } }))
    case 'plan':
      return PLAN_MODES.map((mode, i) => ({ words: mode.name, key: LIST_KEYS[i] ?? '', input: { do: 'plan', mode: mode.id } }))
    // Strips of their own.
    case 'questions':
    case 'more':
    case 'treatment':
      return []
    case 'rate':
      if (rated === null) return []
      return Array.from({ length: 11 }, (_, now) => ({
        words: String(now),
        key: now === 10 ? 't' : String(now),
        input: { do: 'rate', symptom: rated, value: now },
      }))
  }
}
