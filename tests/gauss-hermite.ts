import type { Node } from '../core/evidence/quadrature'

/**
 * Nodes and weights so that `sum(weight * f(z))` is the mean of f under a standard normal.
 *
 * Golub and Welsch 1969: nodes are the eigenvalues of the tridiagonal matrix with zero diagonal and
 * off-diagonal sqrt(1), sqrt(2) ..., weights the squared first components of its eigenvectors. Exact for
 * polynomials up to degree 2n - 1.
 *
 * Kept beside the tests as an independent reference for the rule the core uses.
 */
export function gaussHermite(n: number): readonly Node[] {
  const d = new Float64Array(n)
  const e = Float64Array.from({ length: n }, (_, i) => (i < n - 1 ? Math.sqrt(i + 1) : 0))
  const first = new Float64Array(n)
  first[0] = 1
  for (let l = 0; l < n; l++) diagonalise(d, e, first, l)
  return Array.from(d, (z, i) => ({ z, weight: at(first, i) ** 2 })).sort((a, b) => a.z - b.z)
}

/** Implicit QL with shifts on one eigenvalue, keeping only the first row of the eigenvectors. */
function diagonalise(d: Float64Array, e: Float64Array, first: Float64Array, l: number): void {
  const n = d.length
  for (;;) {
    let m = l
    while (m < n - 1 && Math.abs(at(e, m)) > Number.EPSILON * (Math.abs(at(d, m)) + Math.abs(at(d, m + 1)))) m++
    if (m === l) return
    let g = (at(d, l + 1) - at(d, l)) / (2 * at(e, l))
    let r = Math.hypot(g, 1)
    g = at(d, m) - at(d, l) + at(e, l) / (g + (g >= 0 ? r : -r))
    let s = 1
    let c = 1
    let p = 0
    for (let i = m - 1; i >= l; i--) {
      const f = s * at(e, i)
      const b = c * at(e, i)
      r = Math.hypot(f, g)
      e[i + 1] = r
      s = f / r
      c = g / r
      g = at(d, i + 1) - p
      r = (at(d, i) - g) * s + 2 * c * b
      p = s * r
      d[i + 1] = g + p
      g = c * r - b
      const v = at(first, i + 1)
      first[i + 1] = s * at(first, i) + c * v
      first[i] = c * at(first, i) - s * v
    }
    d[l] = at(d, l) - p
    e[l] = g
    e[m] = 0
  }
}

/** Every index used above lies inside its array; the fallback only satisfies the compiler. */
function at(a: Float64Array, i: number): number {
  return a[i] ?? 0
}
