import { nameOfTest } from '../catalogue/retired'
import { testById } from '../catalogue'
import { SCREEN } from '../story/screen'
import { WARNINGS } from './warnings'
import { inSentence } from '../vocabulary/sentence'

const OTHER: Readonly<Record<string, string>> = {
  'age-65': 'Aged 65 or over, or the age is not known',
  'age-over-50': 'Aged over 50, or the age is not known',
  'age-over-50-new': 'A first pain over 50',
  'age-over-70': 'Aged over 70, or the age is not known',
  rated: 'How strong it is now',
  irritable: 'Easily provoked, severe, slow to settle',
  six: 'Six provocation tests',
  anyone: 'For everybody',
}

/** What closed a gate, in words: the question answered yes, the sign seen, the test. */
export function causeWords(cause: string): string {
  const [first = ''] = cause.split(' ')
  const question = SCREEN.flatMap((group) => group.items).find((item) => item.id === first)?.ask
  if (question !== undefined) return `Yes to: ${question}`
  const sign = WARNINGS.find((w) => w.id === first)?.words
  if (sign !== undefined) return `Seen: ${sign.toLowerCase()}`
  return OTHER[first] ?? (testById(first) ? `Found by: ${inSentence(nameOfTest(first))}` : cause)
}
