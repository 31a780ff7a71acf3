import * as yup from 'yup'
import { testById } from '../catalogue'
import { type Agreement, agreementOf } from '../metrology/reliability/agreement'
import type { Estimate } from '../metrology/reliability/estimate'
import { icc21, icc31 } from '../metrology/reliability/icc'
import { type MeasurementError, measurementError } from '../metrology/reliability/sem'
import { count, oneOf, shape, slug, words } from '../record/shapes'
import type { TestSide } from '../vocabulary/side'

/** The published figure may be replaced from so many people and trials on. */
export const NEEDED = { people: 5, trials: 2 } as const
/** As much as a series holds. */
const MOST = { people: 200, trials: 5 } as const

/** What a series measures. */
export interface SeriesSetup {
  readonly test: string
  readonly side: TestSide
  readonly variant: string
  /** The stage whose angle, range or time is measured; null where results are compared as positive or negative. */
  readonly stage: string | null
  readonly examiners: 1 | 2
  /** Trials of each examiner on each person. */
  readonly trials: number
  /** Where the people come from: simulated ones are for practice. */
  readonly people: 'patients' | 'simulated'
}

/** One examiner's trials on one person: figures, or yes and no. A person is a number of the series and nobody else. */
export interface Measured {
  readonly person: number
  readonly examiner: 1 | 2
  readonly values: readonly number[]
  readonly results: readonly ('positive' | 'negative')[]
}

/** What is entered in a series. */
export type SeriesChange =
  | ({ readonly kind: 'begun' } & SeriesSetup)
  | ({ readonly kind: 'measured' } & Measured)
  /** Its MDC replaces the published one from now on: chosen, with a reason. */
  | { readonly kind: 'used'; readonly why: string }
  | { readonly kind: 'given-back'; readonly why: string }

export interface SeriesEntry {
  readonly id: string
  readonly by: string
  readonly at: number
  readonly change: SeriesChange
}

const why = words(300)
  .min(3, 'Write why in a few words.')
  .matches(/\p{L}{2}/u, 'Write why in words; it stays on record.')
const SHAPES = {
  begun: shape({
    kind: oneOf('begun'),
    test: slug,
    side: oneOf('left', 'right', 'none'),
    variant: slug,
    stage: slug.nullable().defined(),
    examiners: yup
      .number<1 | 2>()
      .strict()
      .oneOf([1, 2] as const)
      .required(),
    trials: count.min(1).max(MOST.trials).required(),
    people: oneOf('patients', 'simulated'),
  }),
  measured: shape({
    kind: oneOf('measured'),
    person: count.min(1).max(MOST.people).required(),
    examiner: yup
      .number<1 | 2>()
      .strict()
      .oneOf([1, 2] as const)
      .required(),
    values: yup.array().strict().defined().max(MOST.trials).of(yup.number().strict().min(-180).max(600).defined()),
    results: yup.array().strict().defined().max(MOST.trials).of(oneOf('positive', 'negative')),
  }),
  used: shape({ kind: oneOf('used'), why }),
  'given-back': shape({ kind: oneOf('given-back'), why }),
} as const

/** Read what is entered in a series. @throws {yup.ValidationError} in words for whoever typed it */
export function seriesChange(input: unknown): SeriesChange {
  const kind = typeof input === 'object' && input !== null && 'kind' in input ? input.kind : undefined
  const known = typeof kind === 'string' && Object.hasOwn(SHAPES, kind) ? SHAPES[kind as keyof typeof SHAPES] : null
  if (!known) throw new yup.ValidationError('This is nothing that is entered in a series.')
  return known.validateSync(input, { strict: true })
}

/** A series as its entries leave it. */
export interface Series {
  readonly setup: SeriesSetup
  readonly by: string
  readonly at: number
  /** The latest entry of each person and examiner. */
  readonly measured: readonly Measured[]
  readonly figures: SeriesFigures
  /** Its MDC is in use: since when, by whom and why. */
  readonly used: { readonly by: string; readonly at: number; readonly why: string } | null
}

/** What a series shows. A figure is null where there is too little for it. */
export interface SeriesFigures {
  readonly people: number
  /** Scatter within people over all trials of all examiners. */
  readonly error: MeasurementError | null
  /** Agreement, and consistency: of two examiners by their first trials, of one by the trials. */
  readonly icc21: Estimate | null
  readonly icc31: Estimate | null
  /** Two examiners, yes and no. */
  readonly agreement: Agreement | null
}

/** Fold a series, oldest first; null where nothing begins it. */
export function seriesOf(entries: readonly SeriesEntry[]): Series | null {
  const begun = entries.find((e) => e.change.kind === 'begun')
  if (begun?.change.kind !== 'begun') return null
  const { kind: _, ...setup } = begun.change
  const measured = new Map<string, Measured>()
  let used: Series['used'] = null
  for (const { change, by, at } of entries) {
    if (change.kind === 'measured')
      measured.set(`${change.person} ${change.examiner}`, { person: change.person, examiner: change.examiner, values: change.values, results: change.results })
    if (change.kind === 'used') used = { by, at, why: change.why }
    if (change.kind === 'given-back') used = null
  }
  const all = [...measured.values()].toSorted((a, b) => a.person - b.person || a.examiner - b.examiner)
  return { setup, by: begun.by, at: begun.at, measured: all, figures: figuresOf(setup, all), used }
}

/** The figures of a series. People who miss a trial or an examiner tell nothing and are left out. */
export function figuresOf({ stage, examiners, trials }: SeriesSetup, measured: readonly Measured[]): SeriesFigures {
  const people = [...new Set(measured.map((m) => m.person))]
  const of = (person: number, examiner: number) => measured.find((m) => m.person === person && m.examiner === examiner)
  if (stage === null) {
    const pairs = people.flatMap((person) => {
      const [one, two] = examiners === 2 ? [of(person, 1)?.results[0], of(person, 2)?.results[0]] : [of(person, 1)?.results[0], of(person, 1)?.results[1]]
      return one && two ? [[one, two] as const] : []
    })
    return { people: pairs.length, error: null, icc21: null, icc31: null, agreement: agreementOf<'positive' | 'negative'>(pairs, ['positive', 'negative']) }
  }
  const whole = people.flatMap((person) => {
    const rows = examiners === 2 ? [of(person, 1), of(person, 2)] : [of(person, 1)]
    return rows.every((row) => row?.values.length === trials) ? [rows.flatMap((row) => (row ? [row.values] : []))] : []
  })
  const table = whole.map((rows) => (examiners === 2 ? rows.flatMap((row) => row.slice(0, 1)) : (rows[0] ?? [])))
  return { people: whole.length, error: measurementError(whole.map((rows) => rows.flat())), icc21: icc21(table), icc31: icc31(table), agreement: null }
}

/** What stands against using the MDC of a series in place of the published one; null where nothing does. */
export function notUsable({ setup, figures }: Pick<Series, 'setup' | 'figures'>): string | null {
  if (setup.stage === null) return 'A series of yes and no has no MDC.'
  if (setup.people === 'simulated') return 'Simulated people are for practice: how they scatter tells nothing of patients.'
  const perPerson = setup.trials * setup.examiners
  if (figures.people < NEEDED.people || perPerson < NEEDED.trials)
    return `It needs ${NEEDED.people} people with ${NEEDED.trials} trials each at least; ${figures.people} are complete.`
  return figures.error && figures.error.sem.value > 0 ? null : 'Every trial gave the same figure: measure finer, or check the entries.'
}

/** What stands against an entry of a series; null where it may join. */
export function seriesObjection(series: Series | null, change: SeriesChange): string | null {
  if (change.kind === 'begun') {
    if (series) return 'This series was begun already.'
    const test = testById(change.test)
    if (!test) return `There is no test called “${change.test}”.`
    if (!test.variants.some((v) => v.id === change.variant)) return 'That is no technique of this test.'
    if ((test.sides === 'none') !== (change.side === 'none')) return 'That test is not done on this side.'
    if (change.stage !== null && !test.stages.some((s) => s.id === change.stage && (s.angle ?? s.holdSeconds > 0))) return 'Nothing is measured at that stage.'
    return change.trials * change.examiners < 2 ? 'One trial of one examiner shows no error: measure twice, or take two examiners.' : null
  }
  if (!series) return 'This series was not begun.'
  const { setup } = series
  if (change.kind === 'measured') {
    if (change.examiner > setup.examiners) return 'This series has one examiner.'
    const given = setup.stage === null ? change.results.length : change.values.length
    const other = setup.stage === null ? change.values.length : change.results.length
    return given === setup.trials && other === 0 ? null : `Enter ${setup.trials} ${setup.trials === 1 ? 'trial' : 'trials'}.`
  }
  if (change.kind === 'used') return notUsable(series)
  return series.used ? null : 'The published figure is in use already.'
}
