import type { ExamTest } from '../catalogue/exam-test'
import type { StageAnswer, Run } from '../record/exam'
import { stagesOf } from '../record/outline'
import type { Answer, EndFeel, PainOrder } from '../record/answer'
import { inSentence } from '../vocabulary/sentence'

const ENDS: Readonly<Record<EndFeel, string>> = {
  soft: 'soft end feel',
  firm: 'firm end feel',
  hard: 'hard end feel',
  empty: 'empty end feel, pain alone stopped it',
}
const ORDER: Readonly<Record<PainOrder, string>> = {
  'pain-first': 'pain before resistance',
  together: 'pain and resistance together',
  'resistance-first': 'resistance before pain',
}

/**
 * At which step it came on, and what the hand felt there: "Came on at quick presses; firm end feel, pain before resistance."
 *
 * The step is told where the way has several loads.
 */
export function loadWords(test: ExamTest, run: Run, told: Pick<StageAnswer, 'stage' | 'answer'> | undefined): readonly string[] {
  if (!told) return []
  const loads = stagesOf(test, run.variant, run.catalogue).filter((s) => s.kind === 'load')
  const stage = loads.find((s) => s.id === told.stage)
  const step = told.answer.said === 'familiar' && stage && loads.length > 1 ? `came on at “${inSentence(stage.label)}”` : ''
  // The end was felt where the movement ended, whichever answer speaks for the ladder.
  const felt = feltWords(told.answer) || feltWords(run.answers.findLast((a) => feltWords(a.answer) !== '')?.answer)
  const words = [step, felt].filter(Boolean).join('; ')
  return words === '' ? [] : [`${words.charAt(0).toUpperCase()}${words.slice(1)}.`]
}

function feltWords(answer: Answer | undefined): string {
  if (!answer || !('endFeel' in answer || 'painOrder' in answer)) return ''
  return [answer.endFeel ? ENDS[answer.endFeel] : '', answer.painOrder ? ORDER[answer.painOrder] : ''].filter(Boolean).join(', ')
}
