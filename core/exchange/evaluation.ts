import type { Assessment, WeighableSource } from '../assess'
import type { RuleVerdict } from '../clusters/verdict'
import { intervalInput, intervalOf } from '../evidence/interval'
import { likelihoodRatios, QUOTED } from '../evidence/likelihood-ratio'
import { posterior } from '../evidence/odds'
import { registerNameOf, speaksOf } from '../evidence/lead'
import type { Side } from '../vocabulary/side'

/** An assessment as one line of plain data, in the shape that is documented for other programs. */
export function evaluationOf(assessment: Assessment) {
  const sides = new Set<Side>(assessment.sources.map((s) => s.side))
  return {
    findings: assessment.findings
      .filter((f) => sides.has(f.about))
      .map((f) => ({
        test: f.test,
        side: f.side,
        ...(f.about !== f.side && { about: f.about }),
        result: f.result,
        readings: f.readings.map(({ source, direction, strength, why }) => ({ source, direction, strength, why })),
      })),
    rules: assessment.rules.filter((rule) => sides.has(rule.side)).map((rule) => ruleLine(rule, assessment)),
    sources: assessment.sources.flatMap((s) => (s.prior === null ? [] : [sourceLine(s)])),
    pointers: assessment.sources.flatMap((s) => s.pointers.map(({ test, direction, why }) => ({ id: s.source, side: s.side, from: test, direction, why }))),
    levels: assessment.levels.map(({ side, limb, best, runnerUp, close, check }) => ({
      side,
      limb,
      best: best.structure.name,
      runnerUp: runnerUp.structure.name,
      close,
      check,
    })),
  }
}

function ruleLine(rule: RuleVerdict, assessment: Assessment) {
  const speaks = speaksOf(rule)
  const row = assessment.weights.knowledge.find(registerNameOf(rule), rule.cluster.source, rule.side)
  const lr = (speaks && row && likelihoodRatios(row)?.[speaks]) ?? null
  const pretest = assessment.sources.find((s) => s.source === rule.cluster.source && s.side === rule.side)?.prior?.p ?? null
  return {
    id: rule.cluster.id,
    side: rule.side,
    state: rule.state,
    positives: rule.positives,
    open: rule.open,
    needs: rule.needs,
    spare: rule.changeNothing,
    standing: rule.cluster.basis,
    ...(rule.asks.length > 0 && { asks: rule.asks }),
    ...(rule.grade !== null && { grade: rule.grade }),
    lr,
    pretest,
    postTest: lr === null || pretest === null ? null : posterior(pretest, lr),
  }
}

function sourceLine({ source, side, prior, weighed }: WeighableSource) {
  const { p } = prior
  const input = intervalInput({
    source,
    side,
    prior,
    joined: weighed?.joined ?? [],
    rule: weighed?.rule ?? null,
    outside: weighed?.outside ?? 1,
    bounds: weighed?.bounds ?? QUOTED,
  })
  const interval = input && intervalOf(input)
  return {
    id: source,
    side,
    prior: p,
    product: weighed?.product ?? p,
    model: weighed?.model ?? p,
    rule: weighed?.rule
      ? {
          id: weighed.rule.rule.cluster.id,
          postTest: weighed.rule.postTest,
          ...(weighed.rule.insteadOf && { publishedPostTest: weighed.rule.insteadOf.postTest }),
        }
      : null,
    headline: weighed?.headline ?? 'model',
    estimate: weighed?.estimate ?? p,
    disagree: weighed?.disagree ?? false,
    interval: interval ? ([interval.p05, interval.p95] as const) : null,
  }
}
