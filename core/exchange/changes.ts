import type { Assessment } from '../assess'
import { changesOf, type Span, SPANS } from '../change/changes'
import type { SignRun } from '../change/sign-run'

/** Spans, as other programs read them. */
export const SPAN_NAMES: Readonly<Record<Span, 'treatment' | 'last-visit' | 'baseline'>> = {
  treatment: 'treatment',
  lastVisit: 'last-visit',
  baseline: 'baseline',
}

/** What changed, sign by sign, as plain data. */
export function changeLines(assessment: Assessment) {
  return changesOf(assessment).signs.flatMap(({ test, side, since }) =>
    SPANS.flatMap((span) => {
      const change = since[span]
      if (!change) return []
      const { verdict, why, alert, sentence, measures, before, after } = change
      return [
        {
          test,
          side,
          since: SPAN_NAMES[span],
          verdict,
          ...(why !== '' && { why }),
          ...(alert && { alert }),
          measures: measures.map(({ measure, verdict: says, words, error, figures }) => ({
            measure,
            verdict: says,
            words,
            ...(figures && { before: figures.before, after: figures.after, unit: figures.unit.trim() }),
            ...(error && { error: error.value, errorFrom: error.words }),
          })),
          sentence,
          before: placeOf(before),
          after: placeOf(after),
        },
      ]
    }),
  )
}

function placeOf({ run, when }: SignRun) {
  return { exam: when.exam, visit: when.visit, moment: when.moment, run: run.id, variant: run.variant }
}
