import type { Assessment, SourceVerdict } from '../assess'
import { testById } from '../catalogue'
import { headlineOf } from '../evidence/headline'
import { ruleTitle } from '../clusters/title'
import type { RuleVerdict } from '../clusters/verdict'
import { type RuleFigure, speaksOf } from '../evidence/lead'
import type { Weighed } from '../evidence/weigh'
import { levelTests } from '../level/level'
import { sideOf } from '../vocabulary/body-area'
import { levelWords } from '../level/level-words'
import { listWords } from '../vocabulary/sentence'
import { sourceTitle } from '../vocabulary/source'
import { percent } from './percent'
import { each, runsBehindSource, sourceReason } from './reasons'
import { type Section, type Statement, say, section } from './section'
import { UNCHECKED } from './statement'

/** What the figures say of each source, by which rule, and what only points. */
export function sourcesSection(assessment: Assessment): Section {
  const lines = assessment.sources.flatMap((verdict) =>
    sourceLines(verdict).map((line) => say(line, sourceReason(verdict), ...runsBehindSource(verdict, assessment))),
  )
  const positives = (side: string) =>
    assessment.findings.filter((f) => f.about === side && f.result === 'positive').map((f) => ({ kind: 'run', id: f.run }) as const)
  const warnings = assessment.interplay.map((i) => say(`Mind (${i.side}): ${i.what}`, ...each(positives(i.side))))
  const weighed = assessment.sources.some((s) => s.weighed)
  return section(
    'sources',
    lines.length === 0 ? [say('Nothing tested yet points to a source.')] : [...lines, ...warnings, ...(weighed ? [say(UNCHECKED)] : [])],
  )
}

/** Where a nerve is likely caught; nothing where no limb shows a sign. */
export function levelSection({ levels, exam }: Pick<Assessment, 'levels' | 'exam'>): readonly Section[] {
  const lines = levels.map(
    (l): Statement =>
      say(
        `Level, ${l.side} ${l.limb}: ${levelWords(l)}, by what was lost or brought on; a ranking, no probability.${l.check === null ? '' : ` ${l.check}`}`,
        ...exam.runs.filter((run) => run.side === l.side && levelTests(l.limb).includes(run.test)).map(({ id }) => ({ kind: 'run', id }) as const),
        ...exam.symptoms.filter((s) => s.places.some((p) => sideOf(p) === l.side)).map(({ id }) => ({ kind: 'symptom', id }) as const),
      ),
  )
  return lines.length === 0 ? [] : [section('level', lines)]
}

function sourceLines(verdict: SourceVerdict): readonly string[] {
  const title = sourceTitle(verdict)
  const { weighed } = verdict
  const { lead } = rulesTold(verdict)
  const rules = lead && worthTelling(lead) ? [`${ruleTitle(lead.cluster)}: ${lead.words}`] : []
  const figure = weighed ? figureWords(weighed) : null
  const points = [...pointing(verdict, 'for', 'supports it'), ...pointing(verdict, 'against', 'opposes it')]
  const parts = [...rules, ...(figure ? [`${figure}; pretest ${percent(weighed?.prior.p ?? 0)}`] : []), ...points]
  return parts.length === 0 ? [] : [`${title}: ${parts.join('; ')}.`]
}

/** The figure that leads, by what, and the others beside it. */
function figureWords(weighed: Weighed): string {
  const { rule, outside, held, disagree, contradiction } = weighed
  if (contradiction) {
    const [up, down] = contradiction.voices
    return `the evidence disagrees: ${percent(up.p)} by ${up.who} alone, ${percent(down.p)} by ${down.who} alone, ${percent(weighed.model)} by the model`
  }
  const about = `estimate ${percent(headlineOf(weighed))}`
  const model = `model ${percent(weighed.model)}`
  if (!rule || weighed.byRule === null)
    return held ? `${about} (${model}, taken back to what its open rule could say)` : `${about} by the model; no published rule decided`
  const whose = rule.rule.cluster.basis === 'own' ? 'the clinic’s own rule' : 'published rule'
  const more = Math.abs(outside - 1) > 0.01 ? `, with what was found outside it; alone ${percent(rule.postTest)}` : ''
  const by = `${whose} ${percent(weighed.byRule)} (${rule.row.own ? 'entered by the clinic: ' : ''}${rule.row.from.cite}${more})${insteadWords(rule)}`
  const apart = `${weighed.apart ? '; rule and model differ by more than a factor of two' : ''}${disagree ? '; the rules do not agree' : ''}`
  return `${about}: ${by}, ${model}, as if the tests were independent ${percent(weighed.product)}${apart}`
}

function insteadWords({ insteadOf }: RuleFigure): string {
  return insteadOf ? `, not the ${percent(insteadOf.postTest)} of ${insteadOf.row.from.cite}: ${insteadOf.why.replace(/\.$/, '')}` : ''
}

/** The rule that leads, or the planned one while none does; and the others that are decided. */
export function rulesTold(verdict: Pick<SourceVerdict, 'rules' | 'weighed'>): {
  readonly lead: RuleVerdict | undefined
  readonly others: readonly RuleVerdict[]
} {
  const lead = verdict.weighed?.rule?.rule ?? leadOf(verdict.rules)
  return { lead, others: verdict.rules.filter((r) => r !== lead && speaksOf(r) !== null) }
}

/** A grading is told once a grade is reached, a rule once something of it is known. */
function worthTelling(rule: RuleVerdict): boolean {
  return rule.cluster.basis === 'model' ? rule.grade !== null : rule.positives > 0 || rule.state !== 'open'
}

/** While none is decided: the school's own rule or the first one with figures, else a grading, never a pattern. */
function leadOf(rules: readonly RuleVerdict[]): RuleVerdict | undefined {
  const main = rules.filter((r) => !r.cluster.beside)
  return main.find((r) => r.cluster.basis === 'published' || r.cluster.basis === 'own') ?? main.find((r) => r.cluster.basis === 'model')
}

function pointing(verdict: SourceVerdict, direction: 'for' | 'against', words: string): readonly string[] {
  const tests = [
    ...new Set(
      verdict.pointers.filter((p) => p.direction === direction).map((p) => testById(p.test)?.name ?? (p.test === 'pattern' ? 'A pattern' : 'The story')),
    ),
  ]
  return tests.length === 0 ? [] : [`${listWords(tests)} ${words}`]
}
