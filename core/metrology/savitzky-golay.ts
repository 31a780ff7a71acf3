/** A smoothed value and its rate of change. */
export interface Smoothed {
  readonly value: number
  /** Change from one sample to the next. */
  readonly slope: number
}

/**
 * Savitzky-Golay smoothing of order 2 at one sample: the parabola that fits the samples around it best.
 *
 * Savitzky & Golay 1964, Anal Chem. At the ends the window is cut short on one side and the fit is a straight line,
 * which is less wild there than a parabola.
 *
 * @param samples - evenly spaced
 * @param at - index, 0 to samples.length - 1
 * @param window - odd number of samples
 */
export function smoothAt(samples: readonly number[], at: number, window = 11): Smoothed {
  const half = (window - 1) / 2
  const from = Math.max(0, at - half)
  const to = Math.min(samples.length - 1, at + half)
  const offsets = Array.from({ length: to - from + 1 }, (_, i) => from + i - at)
  const values = offsets.map((o) => samples[at + o] ?? 0)
  const sum = (f: (o: number, v: number) => number) => offsets.reduce((total, o, i) => total + f(o, values[i] ?? 0), 0)
  const n = offsets.length
  const [s1, s2, sv, s1v] = [sum((o) => o), sum((o) => o * o), sum((_, v) => v), sum((o, v) => o * v)]
  const whole = at - from === half && to - at === half
  if (!whole || n < 3) {
    const det = n * s2 - s1 * s1
    if (det === 0) return { value: n === 0 ? 0 : sv / n, slope: 0 }
    return { value: (s2 * sv - s1 * s1v) / det, slope: (n * s1v - s1 * sv) / det }
  }
  // Symmetric window: odd sums vanish, so slope and curvature part.
  const s4 = sum((o) => o ** 4)
  const s2v = sum((o, v) => o * o * v)
  return { value: (s4 * sv - s2 * s2v) / (n * s4 - s2 * s2), slope: s1v / s2 }
}
