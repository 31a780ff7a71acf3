import { RESULT_WORDS } from '../findings/finding'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/**
 * The result flipped: positive to negative is better, negative to positive worse.
 *
 * A familiar symptom that was brought on and decided nothing stands between the two: against a negative it is worse, and from it to a
 * negative better. Whatever else either was decides nothing.
 */
export function resultChange(before: SignRun, after: SignRun): MeasureChange | null {
  const [was, is] = [before.finding.result, after.finding.result]
  if (was === 'negative' && isReproduced(after))
    return { measure: 'result', verdict: 'worse', words: `negative → familiar symptom brought on, ${RESULT_WORDS[is]}`, error: null }
  if (is === 'negative' && isReproduced(before))
    return { measure: 'result', verdict: 'better', words: `familiar symptom brought on, ${RESULT_WORDS[was]} → negative`, error: null }
  const decides = (result: string) => result === 'positive' || result === 'negative'
  if (!decides(was) || !decides(is)) return null
  const verdict = was === is ? 'same' : is === 'negative' ? 'better' : 'worse'
  return { measure: 'result', verdict, words: was === is ? `${RESULT_WORDS[is]} as before` : `${RESULT_WORDS[was]} → ${RESULT_WORDS[is]}`, error: null }
}

/** Was the familiar symptom brought on, without a result that decides? */
function isReproduced({ finding }: SignRun): boolean {
  return finding.result === 'inconclusive' && (finding.symptom !== null || finding.reproduced !== undefined)
}
