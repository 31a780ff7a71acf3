/** The cuff rests at this pressure, in mmHg. */
export const REST_MMHG = 20
/** Most holds that are counted. */
const MOST_HOLDS = 10

/**
 * Activation score and performance index of craniocervical flexion.
 *
 * Activation score: the highest pressure held steadily for 10 s, less 20. Performance index: that times the number of
 * 10 s holds completed, at most 10 by 10.
 *
 * @param steadyAt - pressures that were held steadily, in mmHg
 * @param holds - 10 s holds completed at the best of them
 */
export function craniocervicalScores(steadyAt: readonly number[], holds: number): { readonly activation: number; readonly index: number } {
  const activation = Math.max(0, ...steadyAt.map((p) => p - REST_MMHG))
  return { activation, index: activation * Math.min(MOST_HOLDS, Math.max(0, Math.floor(holds))) }
}
