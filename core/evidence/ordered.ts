import { type Answered, groupLikelihoodRatio, tiltsOf } from './dependence'

/** Beyond so many answers of one group not every part of them is looked at; no group of the catalogue has as many. */
const MOST = 14

/**
 * Likelihood ratio of a group of tests that share a cause, kept in order: one more positive never lowers it, one more negative never
 * raises it.
 *
 * The model alone does not promise that: among many positives a weak one can speak for the shared cause and against the source. So the
 * ratio is looked at for every part of the positives and every part of the negatives, and taken as high as some part of the positives
 * makes it, however many of the negatives are left out (and the other way round); the two bounds, nearly always one, are averaged in
 * logarithms. Each of them keeps the order: more positives are more parts to be high with, more negatives more parts to be low with.
 */
export function orderedLikelihoodRatio(answers: readonly Answered[], rho: number): number {
  if (answers.length === 0) return 1
  const key = `${rho} ${answers
    .map((a) => `${a.positive ? '+' : '-'}${a.sens} ${a.spec}`)
    .toSorted()
    .join(' ')}`
  const known = KNOWN.get(key)
  if (known !== undefined) return known
  const made = answers.length > MOST ? groupLikelihoodRatio(answers, rho) : bounded(answers, rho)
  if (KNOWN.size >= KEPT) KNOWN.clear()
  KNOWN.set(key, made)
  return made
}

/** The same answers are weighed for every source, plan and interval. */
const KNOWN = new Map<string, number>()
const KEPT = 4000

function bounded(answers: readonly Answered[], rho: number): number {
  const positives = answers.filter((a) => a.positive)
  const negatives = answers.filter((a) => !a.positive)
  const table = partsTable(positives, negatives, rho)
  const rows = table.map((row) => Math.min(...row))
  const columns = (table[0] ?? []).map((_, j) => Math.max(...table.map((row) => row[j] ?? 0)))
  return Math.sqrt(Math.max(...rows) * Math.min(...columns))
}

/** The ratio of every part of the positives (rows) with every part of the negatives (columns); the first of each is none of them. */
function partsTable(positives: readonly Answered[], negatives: readonly Answered[], rho: number): readonly (readonly number[])[] {
  const tilts = tiltsOf([...positives, ...negatives], rho)
  const partsOf = (of: readonly (readonly number[])[]) =>
    of.reduce<readonly (readonly number[])[]>(
      (parts, one) => [...parts, ...parts.map((part) => part.map((p, i) => p * (one[i] ?? 1)))],
      [tilts.weights.map(() => 1)],
    )
  const split = (of: readonly (readonly number[])[]) => [partsOf(of.slice(0, positives.length)), partsOf(of.slice(positives.length))] as const
  const [present, withoutThem] = split(tilts.present)
  const [absent, absentWithout] = split(tilts.absent)
  const sum = (a: readonly number[], b: readonly number[]) => tilts.weights.reduce((total, weight, i) => total + weight * (a[i] ?? 0) * (b[i] ?? 0), 0)
  return present.map((up, r) =>
    withoutThem.map((down, c) => {
      const ratio = sum(up, down) / sum(absent[r] ?? [], absentWithout[c] ?? [])
      // A test by itself may be worth nothing; it is never worth the contrary.
      return Number.isFinite(ratio) ? ratio : 1
    }),
  )
}
