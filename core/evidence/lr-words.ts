/**
 * A likelihood ratio as the field writes it.
 *
 * @param result - of the finding it belongs to
 * @example lrWords(4, 'positive') // "LR+ 4.0"
 * @example lrWords(0.152, 'negative') // "LR− 0.15"
 */
export function lrWords(lr: number, result: 'positive' | 'negative'): string {
  return `${result === 'positive' ? 'LR+' : 'LR−'} ${lrFigure(lr)}`
}

/** The figure alone: one decimal from one upwards, two below. */
export function lrFigure(lr: number): string {
  return lr >= 0.995 ? lr.toFixed(1) : lr.toFixed(2)
}
