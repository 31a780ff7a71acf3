import { deviation, mean } from 'd3-array'
import type { Run } from '../record/exam'

/** Mean of the trials measured at one stage; undefined when none was. */
export function meanOf(run: Pick<Run, 'answers'>, stage: string): number | undefined {
  const answer = run.answers.find((a) => a.stage === stage)?.answer
  return answer?.said === 'measured' ? rounded(mean(answer.trials)) : undefined
}

/** Standard deviation of the trials at one stage (n - 1); undefined with fewer than two. */
export function spreadOf(run: Pick<Run, 'answers'>, stage: string): number | undefined {
  const answer = run.answers.find((a) => a.stage === stage)?.answer
  return answer?.said === 'measured' ? rounded(deviation(answer.trials)) : undefined
}

/** To a tenth: nobody reads an angle closer. */
function rounded(value: number | undefined): number | undefined {
  return value === undefined ? undefined : Math.round(value * 10) / 10
}
