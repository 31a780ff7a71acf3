import type { Assessment, WeighableSource } from '../assess'
import { testById } from '../catalogue'
import { testOf } from '../clusters/item'
import type { RuleVerdict } from '../clusters/verdict'
import { intervalInput, intervalOf } from '../evidence/interval'
import { likelihoodRatios, QUOTED } from '../evidence/likelihood-ratio'
import { posterior } from '../evidence/odds'
import { standingOf } from '../standing'
import { registerNameOf, speaksOf } from '../evidence/lead'
import { openLeaves } from '../logic/open-leaves'
import { type Side, SIDES } from '../vocabulary/side'
import { changeLines } from './changes'

/** What an evaluation may leave out. */
export interface EvaluateWith {
  /** Draw where each figure may lie; that takes a hundred times as long as all the rest. */
  readonly intervals?: boolean
}

/** An assessment as one line of plain data, in the shape that is documented for other programs. */
export function evaluationOf(assessment: Assessment, { intervals = true }: EvaluateWith = {}) {
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
    sources: assessment.sources.flatMap((s) => (s.prior === null ? [] : [sourceLine(s, intervals)])),
    pointers: assessment.sources.flatMap((s) => s.pointers.map(({ test, direction, why }) => ({ id: s.source, side: s.side, from: test, direction, why }))),
    conclusion: conclusionLine(assessment),
    contradictions: assessment.sources.flatMap(({ source, side, weighed }) =>
      weighed?.contradiction ? [{ id: source, side, voices: weighed.contradiction.voices.map(({ who, lr, p }) => ({ who, lr, p })) }] : [],
    ),
    levels: assessment.levels.map(({ side, limb, best, runnerUp, close, check }) => ({
      side,
      limb,
      best: best.structure.name,
      runnerUp: runnerUp.structure.name,
      close,
      check,
    })),
    changes: changeLines(assessment),
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
    open: openTests(rule, assessment),
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

/** What stands out: one source leads, none does, the evidence about one contradicts itself, or some are referred first. */
function conclusionLine({ sources }: Assessment) {
  const standing = standingOf(sources)
  const named = ({ source, side }: Pick<WeighableSource, 'side'> & { readonly source: string }) => ({ id: source, side })
  switch (standing.kind) {
    case 'refer':
      return { kind: 'refer-first', sources: standing.sources.map(named) } as const
    case 'leads':
      return { kind: 'stands-out', sources: [named(standing.source)] } as const
    case 'disagrees':
      return { kind: 'evidence-disagrees', sources: [named(standing.source)] } as const
    case 'none':
      return { kind: 'nothing-stands-out', sources: [] } as const
  }
}

/** Tests that could still change a rule; those it asks of a side of their own with that side: "gaenslen/left". */
function openTests({ tree }: RuleVerdict, { findings }: Assessment): readonly string[] {
  const names = openLeaves(tree).flatMap(({ leaf }): readonly string[] => {
    const test = testOf(leaf)
    if (test === null) return []
    const side = 'side' in leaf ? leaf.side : 'same'
    if (side === 'same' || testById(test)?.sides === 'none') return [test]
    const sides = side === 'either' ? SIDES.filter((s) => !findings.some((f) => f.test === test && f.side === s)) : [side]
    return sides.map((s) => `${test}/${s}`)
  })
  return [...new Set(names)]
}

function sourceLine({ source, side, prior, weighed }: WeighableSource, intervals: boolean) {
  const { p } = prior
  const input =
    intervals &&
    intervalInput({
      source,
      side,
      prior,
      joined: weighed?.joined ?? [],
      rule: weighed?.rule ?? null,
      outside: weighed?.outside ?? 1,
      pooled: weighed?.pooled ?? false,
      bounds: weighed?.bounds ?? { low: QUOTED[0], high: QUOTED[1], strict: false },
    })
  const interval = input ? intervalOf(input) : null
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
          ...(weighed.outside !== 1 && weighed.byRule !== null && { withOutside: weighed.byRule }),
          ...(weighed.rule.insteadOf && { publishedPostTest: weighed.rule.insteadOf.postTest }),
        }
      : null,
    headline: weighed?.headline ?? 'model',
    estimate: weighed?.estimate ?? p,
    disagree: weighed?.disagree ?? false,
    contradiction: weighed?.contradiction ? weighed.contradiction.voices.map(({ who, p: alone }) => ({ who, p: alone })) : null,
    interval: interval ? ([interval.p05, interval.p95] as const) : null,
  }
}
