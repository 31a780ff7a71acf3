/**
 * Draws from a Beta distribution, many at once.
 *
 * Two gammas of Marsaglia and Tsang (2000, "A simple method for generating gamma variables", ACM TOMS 26), whose normals come in pairs by
 * the polar method. One loop for all draws: an interval asks for some hundred thousand of them.
 *
 * @param a - above 0
 * @param b - above 0
 */
export function betaSample(random: () => number, a: number, b: number, draws: number): Float64Array {
  const gamma = gammaSampler(random)
  return Float64Array.from({ length: draws }, () => {
    const x = gamma(a)
    return x / (x + gamma(b))
  })
}

function gammaSampler(random: () => number): (shape: number) => number {
  let spare = NaN
  const normal = () => {
    if (!Number.isNaN(spare)) {
      const kept = spare
      spare = NaN
      return kept
    }
    for (;;) {
      const x = 2 * random() - 1
      const y = 2 * random() - 1
      const r = x * x + y * y
      if (r >= 1 || r === 0) continue
      const scale = Math.sqrt((-2 * Math.log(r)) / r)
      spare = y * scale
      return x * scale
    }
  }
  const atLeastOne = (shape: number) => {
    const d = shape - 1 / 3
    const c = 1 / Math.sqrt(9 * d)
    for (;;) {
      const x = normal()
      const t = 1 + c * x
      if (t <= 0) continue
      const v = t * t * t
      const u = random()
      const x2 = x * x
      if (u < 1 - 0.0331 * x2 * x2 || Math.log(u) < 0.5 * x2 + d * (1 - v + Math.log(v))) return d * v
    }
  }
  // A shape below one is drawn one higher and taken down.
  return (shape) => (shape >= 1 ? atLeastOne(shape) : atLeastOne(shape + 1) * (1 - random()) ** (1 / shape))
}
