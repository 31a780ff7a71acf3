import type { Assessment, SourceVerdict } from '../assess'
import { testOf } from '../clusters/item'
import type { RuleVerdict } from '../clusters/verdict'
import { allLeaves } from '../logic/open-leaves'
import type { Exam } from '../record/exam'
import { isSameReason, type Reason } from '../record/reason'
import type { ClosedGate } from '../safety/safety'
import { WARNINGS } from '../safety/warnings'
import { groupOfItem } from '../story/screen'

/** Each reason once, in the order they were named. */
export function each(reasons: readonly Reason[]): readonly Reason[] {
  return reasons.filter((reason, i) => reasons.findIndex((other) => isSameReason(reason, other)) === i)
}

/** A source on its side. */
export function sourceReason({ source, side }: Pick<SourceVerdict, 'source' | 'side'>): Reason {
  return { kind: 'source', id: `${source} ${side}` }
}

/** A rule on its side, and the performances its tests were answered with. */
export function ruleReasons({ cluster, side, tree }: RuleVerdict, assessment: Assessment): readonly Reason[] {
  const tests = new Set(allLeaves(tree).map(({ leaf }) => testOf(leaf)))
  const runs = assessment.findings.filter((f) => tests.has(f.test)).map((f): Reason => ({ kind: 'run', id: f.run }))
  return each([{ kind: 'rule', id: `${cluster.id} ${side}` }, ...runs])
}

/** The performances behind what is said of a source: those that moved it and those that point. */
export function runsBehindSource(verdict: SourceVerdict, { findings }: Assessment): readonly Reason[] {
  const moved = verdict.weighed?.joined.flatMap((j) => j.steps).map((s) => s.test) ?? []
  const tests = new Set<string>([...moved, ...verdict.pointers.map((p) => p.test)])
  return each(
    findings.filter((f) => tests.has(f.test) && (f.about === verdict.side || f.side === verdict.side)).map((f): Reason => ({ kind: 'run', id: f.run })),
  )
}

/** A gate, and what closed it: questions, signs, performances. */
export function gateReasons({ gate, because }: Pick<ClosedGate, 'gate' | 'because'>, { runs }: Pick<Exam, 'runs'>): readonly Reason[] {
  const causes = because.flatMap((cause): readonly Reason[] => {
    const [first = '', second = ''] = cause.split(' ')
    if (groupOfItem(first)) return [{ kind: 'question', id: first }]
    if (WARNINGS.some((w) => w.id === first)) return [{ kind: 'warning', id: first }]
    return runs.filter((run) => run.id === second || run.test === first).map((run): Reason => ({ kind: 'run', id: run.id }))
  })
  return each([{ kind: 'gate', id: gate.id }, ...causes])
}
