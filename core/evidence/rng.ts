/**
 * A seeded source of numbers in [0, 1): the same seed gives the same numbers.
 *
 * Small fast counting generator "sfc32" (Doty-Humphrey, PractRand), seeded from a text.
 */
export function seededRandom(seed: string): () => number {
  let a = hash(seed, 1)
  let b = hash(seed, 2)
  let c = hash(seed, 3)
  let count = 1
  const next = () => {
    const t = (((a + b) | 0) + count) | 0
    count = (count + 1) | 0
    a = b ^ (b >>> 9)
    b = (c + (c << 3)) | 0
    c = ((c << 21) | (c >>> 11)) + t
    return (t >>> 0) / 4294967296
  }
  for (let i = 0; i < 12; i++) next()
  return next
}

/** FNV-1a over the text, one variant for each salt. */
function hash(text: string, salt: number): number {
  let h = 2166136261 ^ Math.imul(salt, 0x9e3779b9)
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619)
  return h | 0
}
