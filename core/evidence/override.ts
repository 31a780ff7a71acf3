import type { Accuracy } from './accuracy'

/** A figure of the register replaced by the clinic, with where it comes from and who wrote it. */
export interface Override {
  readonly row: string
  /** The new figures; null gives the shipped ones back. */
  readonly figures: OwnFigures | null
  /** Where the new figures come from. */
  readonly source: string
  readonly by: string
  readonly at: number
}

/** Sensitivity and specificity, or ratios, written by the clinic. What is null is not known. */
export interface OwnFigures {
  readonly sens: number | null
  readonly spec: number | null
  readonly lrPositive: number | null
  readonly lrNegative: number | null
  /** People it rests on; null when not known, and then it is worth twenty. */
  readonly n: number | null
}

/**
 * The register with the clinic's own figures in place, the latest of each row.
 *
 * A row keeps its number, its criterion and what it is of, and carries who wrote it. Its counts and intervals, its people, its
 * reference and the reason it was preferred belonged to the old figures and are dropped. It is as sure as its author says, so it counts as medium: an unverified row that somebody looked up may speak.
 */
export function withOverrides(register: readonly Accuracy[], overrides: readonly Override[]): readonly Accuracy[] {
  if (overrides.length === 0) return register
  const latest = new Map(overrides.map((o) => [o.row, o]))
  return register.map((row) => {
    const own = latest.get(row.id)
    return own?.figures ? overridden(row, own, own.figures) : row
  })
}

function overridden(row: Accuracy, own: Override, figures: OwnFigures): Accuracy {
  return {
    id: row.id,
    of: row.of,
    for: row.for,
    ...(row.side && { side: row.side }),
    ...(row.subject !== undefined && { subject: row.subject }),
    ...(row.target !== undefined && { target: row.target }),
    ...(row.variants && { variants: row.variants }),
    ...(row.speaks && { speaks: row.speaks }),
    criterion: row.criterion,
    use: { ...row.use, because: 'Entered by this clinic in place of the published accuracy' },
    from: {
      ...row.from,
      cite: `${own.source} (in place of ${row.from.cite})`,
      people: 'As its source says',
      reference: 'As its source says',
      n: figures.n,
      checkedAgainstPaper: false,
    },
    sens: figures.sens === null ? null : { value: figures.sens },
    spec: figures.spec === null ? null : { value: figures.spec },
    ...(figures.lrPositive !== null && { lrPositive: { value: figures.lrPositive } }),
    ...(figures.lrNegative !== null && { lrNegative: { value: figures.lrNegative } }),
    counts: countsOf(figures),
    confidence: 'medium',
    own: { by: own.by, at: own.at },
  }
}

/** Counts as if half the people had the source: only how wide the interval is follows from them. */
function countsOf({ sens, spec, n }: OwnFigures): Accuracy['counts'] {
  if (sens === null || spec === null || n === null) return null
  const half = n / 2
  return { tp: sens * half, fn: (1 - sens) * half, fp: (1 - spec) * half, tn: spec * half }
}
