import { RESULT_WORDS } from '../findings/finding'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/** The result flipped: positive to negative is better, negative to positive worse. Whatever else either was decides nothing. */
export function resultChange(before: SignRun, after: SignRun): MeasureChange | null {
  const [was, is] = [before.finding.result, after.finding.result]
  const decides = (result: string) => result === 'positive' || result === 'negative'
  if (!decides(was) || !decides(is)) return null
  const verdict = was === is ? 'same' : is === 'negative' ? 'better' : 'worse'
  return { measure: 'result', verdict, words: was === is ? `${RESULT_WORDS[is]} as before` : `${RESULT_WORDS[was]} → ${RESULT_WORDS[is]}`, error: null }
}
