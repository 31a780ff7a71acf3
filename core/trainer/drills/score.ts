import type { DrillAnswer, DrillItem, DrillScore } from './drill'
import type { Drilled } from './schedule'

/** How an answer was. An answer of another kind than the question is wrong. */
export function scoreDrill(item: DrillItem, answer: DrillAnswer): DrillScore {
  const wrong: DrillScore = { right: false, share: 0, error: null, told: item.why }
  if (item.kind === 'estimate' && answer.kind === 'estimate') {
    const error = answer.value - item.truth
    const right = Math.abs(error) <= item.within
    return {
      right,
      share: Math.max(0, 1 - Math.abs(error) / (3 * item.within)),
      error,
      told: `${item.why} You said ${answer.value}${item.unit}: ${error === 0 ? 'exactly' : `${Math.abs(error)} too ${error > 0 ? 'much' : 'little'}`}.`,
    }
  }
  if (item.kind === 'choice' && answer.kind === 'choice') {
    const right = answer.choice === item.truth
    return { ...wrong, right, share: right ? 1 : 0 }
  }
  if (item.kind === 'order' && answer.kind === 'order') {
    const share = inOrder(item.truth, answer.order)
    return { ...wrong, right: share === 1, share }
  }
  if (item.kind === 'press' && answer.kind === 'press') {
    const held = Math.min(1, answer.heldSeconds / item.holdSeconds)
    const share = held * answer.inBand * (answer.overshoot > 0 ? 0.8 : 1)
    return {
      ...wrong,
      right: share >= 0.7,
      share,
      told: `${Math.round(100 * answer.inBand)} % of the time in the band, ${answer.heldSeconds.toFixed(1)} of ${item.holdSeconds} s held${answer.overshoot > 0 ? `, ${Math.round(answer.overshoot)} N too much at the worst` : ''}. ${item.why}`,
    }
  }
  return wrong
}

/** Share of all pairs that stand in the right order: Kendall's count, 1 for the whole order. */
function inOrder(truth: readonly string[], given: readonly string[]): number {
  let right = 0
  let all = 0
  for (let i = 0; i < truth.length; i++) {
    for (let j = i + 1; j < truth.length; j++) {
      all++
      const a = given.indexOf(truth[i] ?? '')
      const b = given.indexOf(truth[j] ?? '')
      if (a !== -1 && b !== -1 && a < b) right++
    }
  }
  return all === 0 ? 1 : right / all
}

/** How somebody estimates angles: the mean of the errors, and their spread, which is their own standard error of measurement. */
export interface EyeError {
  readonly n: number
  /** Positive: estimates too much. */
  readonly bias: number
  readonly sem: number
}

/** Bias and personal SEM of the estimates of a drill; null below three of them. */
export function eyeError(answers: readonly Pick<Drilled, 'error'>[]): EyeError | null {
  const errors = answers.flatMap((a) => a.error ?? [])
  if (errors.length < 3) return null
  const bias = errors.reduce((sum, e) => sum + e, 0) / errors.length
  const sem = Math.sqrt(errors.reduce((sum, e) => sum + (e - bias) ** 2, 0) / (errors.length - 1))
  return { n: errors.length, bias, sem }
}
