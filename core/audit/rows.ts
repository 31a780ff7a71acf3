import type { Estimate } from '../metrology/reliability/estimate'
import { calibrationOf, howMany, medianOf, ownAccuracy, type Pooled } from './pool'
import type { PublishedRule } from './published'

/** One figure of an audit, as a row of a table. Examinations behind it are named, where it can be traced to them. */
export interface AuditRow {
  readonly part: string
  readonly of: string
  readonly figure: string
  readonly value: number | string
  readonly low: number | string
  readonly high: number | string
  readonly n: number | string
  readonly examinations: string
}

/** Every figure of an audit, one row each. What is not known is an empty cell and never 0. */
export function auditRows(pooled: Pooled, published: Readonly<Record<string, PublishedRule>>): readonly AuditRow[] {
  const row = (part: string, of: string, figure: string, value: number | string | null, more: Partial<AuditRow> = {}): AuditRow => ({
    part,
    of,
    figure,
    value: value ?? '',
    low: '',
    high: '',
    n: '',
    examinations: '',
    ...more,
  })
  const estimate = (part: string, of: string, figure: string, e: Estimate | null, n: number): AuditRow =>
    row(part, of, figure, e?.value ?? null, { n, ...(e && { low: e.low, high: e.high }) })
  const calibration = calibrationOf(pooled)
  return [
    row('volume', '', 'people', pooled.people.length),
    row('volume', '', 'examinations', pooled.exams),
    row('volume', '', 'median minutes', medianOf(pooled.minutes), { n: howMany(pooled.minutes) }),
    ...Object.entries(pooled.tests).map(([test, counts]) => row('test', test, 'median seconds', medianOf(counts), { n: howMany(counts) })),
    ...Object.entries(pooled.rules).flatMap(([id, rule]) => {
      const own = ownAccuracy(rule)
      const known = published[id]
      const cell = (name: keyof typeof rule.exams) => row('rule', id, name, rule[name], { examinations: rule.exams[name].join(' ') })
      return [
        row('rule', id, 'met', rule.met),
        row('rule', id, 'cannot be met', rule.not),
        row('rule', id, 'open', rule.open),
        cell('truePositive'),
        cell('falsePositive'),
        cell('falseNegative'),
        cell('trueNegative'),
        estimate('rule', id, 'own sensitivity', own.sensitivity, own.n),
        estimate('rule', id, 'own specificity', own.specificity, own.n),
        estimate('rule', id, 'own LR+', own.lrPositive, own.n),
        estimate('rule', id, 'own LR-', own.lrNegative, own.n),
        row('rule', id, 'published sensitivity', known?.sensitivity ?? null),
        row('rule', id, 'published specificity', known?.specificity ?? null),
        row('rule', id, 'published LR+', known?.lrPositive ?? null),
        row('rule', id, 'published LR-', known?.lrNegative ?? null),
      ]
    }),
    ...Object.entries(pooled.plan).map(([what, n]) => row('plan', '', what, n)),
    ...pooled.overrides.map((o) => row('override', o.test, o.result, o.why, { examinations: o.exam })),
    ...Object.entries(pooled.halts).flatMap(([gate, halt]) => [
      row('halt', gate, 'closed', halt.exams.length, { examinations: halt.exams.join(' ') }),
      ...halt.opened.map((why) => row('halt', gate, 'opened', why)),
    ]),
    ...Object.entries(pooled.unasked).map(([group, n]) => row('unasked', group, 'questions', n)),
    ...Object.entries(pooled.signs).map(([what, n]) => row('signs', '', what, n)),
    ...calibration.bins.map((bin) =>
      estimate('calibration', `${bin.from * 100} to ${bin.to * 100} %`, `held, said ${bin.said === null ? 'nothing' : bin.said.toFixed(3)}`, bin.held, bin.n),
    ),
    row('calibration', '', 'Brier score', calibration.brier, { n: calibration.n }),
  ]
}
