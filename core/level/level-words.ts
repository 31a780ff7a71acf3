import type { Level } from './level'

/** "S1 fits best, then L5" or "S1 or L5, too close to call". */
export function levelWords({ best, runnerUp, close }: Pick<Level, 'best' | 'runnerUp' | 'close'>): string {
  return close ? `${best.structure.name} or ${runnerUp.structure.name}, too close to call` : `${best.structure.name} fits best, then ${runnerUp.structure.name}`
}
