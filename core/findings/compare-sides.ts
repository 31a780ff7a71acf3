import type { Table } from '../catalogue/reading/table'
import type { ExamTest } from '../catalogue/exam-test'
import type { Range, StagedTension, Tension } from '../catalogue/reading/reading'
import type { Run } from '../record/exam'
import { soreSides } from '../story/sore-sides'
import { otherSide } from '../vocabulary/side'
import { confirmed } from './confirmed'
import type { Finding, SourceReading } from './finding'
import { sentence } from './place-fits'

/**
 * Second reading of the findings: what one side, or one position, says beside the other.
 *
 * Results that rest on a comparison stay inconclusive until both sides are measured.
 */
export function compareSides(findings: readonly Finding[], testById: (id: string) => ExamTest | undefined, runs: readonly Run[]): readonly Finding[] {
  const runOf = (finding: Finding | undefined) => runs.find((r) => r.id === finding?.run)
  // The first of several stands, as when searching from the front.
  const index = new Map(findings.toReversed().map((f) => [`${f.test} ${f.side} ${f.about}`, f]))
  const agreeing = findings.flatMap((f) => agreementOf(f, testById))
  return findings.map((finding) => {
    const reading = testById(finding.test)?.reading
    const other = index.get(`${finding.test} ${otherSide(finding.side)} ${otherSide(finding.about)}`)
    switch (reading?.kind) {
      case 'range':
        return compareRange(finding, other, reading)
      case 'staged-tension':
        return confirmed(compareAngle(finding, other, reading), findings, testById)
      case 'tension':
        return confirmed(withAgreement(compareLateStop(finding, other, reading, runOf(finding)), findings, agreeing), findings, testById)
      case 'table':
        return withSum(mayBePressure(compareLoss(finding, other, reading), other, reading), runOf(finding), runOf(other), reading)
      case 'provocation':
      case 'differentiation':
      case 'crossed':
      case 'nerves':
      case undefined:
        return finding
    }
  })
}

/** Can what the other side shows change what this test is read as, or what is asked next? Beside a result it may always be told. */
export function isCompared({ reading, shares, id, plan }: Pick<ExamTest, 'reading' | 'shares' | 'id' | 'plan'>, all: readonly ExamTest[]): boolean {
  // Both sides of a ligament test belong to the same question, and a raise of the better leg is the crossed test.
  if (shares.includes('upper-neck-ligament') || all.some((t) => t.filledBy === id && t.reading.kind === 'crossed')) return true
  switch (reading.kind) {
    case 'range':
    case 'nerves':
    case 'crossed':
    case 'differentiation':
      return true
    // Only one that is compared, as the height of the knee, is planned on both sides at all.
    case 'provocation':
      return plan === 'better-side-first'
    case 'staged-tension':
      return false
    case 'tension':
      return reading.lateStop !== undefined
    case 'table':
      return reading.sideLoss !== undefined || reading.pressing !== undefined || reading.sum !== undefined
  }
}

function reached(finding: Finding | undefined): number | undefined {
  return finding?.measures.end ?? finding?.measures.onset
}

function compareRange(finding: Finding, other: Finding | undefined, reading: Range): Finding {
  const mine = reached(finding)
  const theirs = reached(other)
  if (mine === undefined || theirs === undefined) return finding
  const lost = theirs === 0 ? 0 : 1 - mine / theirs
  const words = `${mine}° against ${theirs}° on the other side`
  if (lost >= reading.lost && theirs - mine >= reading.noise) {
    const why = sentence(`${words}: ${Math.round(lost * 100)} % lost`)
    const pointing = reading.whenLost.map(
      (p): SourceReading => ({ source: p.source, direction: p.direction, strength: 'pointer', why: sentence(`${words}: ${p.because}`) }),
    )
    return { ...finding, result: 'positive', why, readings: [...finding.readings, ...pointing] }
  }
  const noise = Math.abs(theirs - mine) < reading.noise ? ', within measurement error' : ', less than half lost'
  return { ...finding, result: 'negative', why: sentence(`${words}${mine <= theirs ? noise : ', the freer side'}`) }
}

function compareAngle(finding: Finding, other: Finding | undefined, reading: StagedTension): Finding {
  const mine = reached(finding)
  const theirs = reached(other)
  if (mine === undefined || theirs === undefined || mine - theirs <= reading.sideLimit) return finding
  return {
    ...finding,
    checks: [
      ...finding.checks,
      `The ${reading.joint ?? 'limb'} stopped ${mine - theirs}° earlier than on the other side, more than healthy people differ (${reading.sideLimit}°, unverified): supports it.`,
    ],
  }
}

/** A mean that falls short of the other side's by more than is ordinary decides like a line of the table. */
function compareLoss(finding: Finding, other: Finding | undefined, { sideLoss }: Table): Finding {
  if (!sideLoss || finding.result === 'positive') return finding
  const mine = finding.measures.means?.[sideLoss.stage]
  const theirs = other?.measures.means?.[sideLoss.stage]
  if (mine === undefined || theirs === undefined || theirs - mine < sideLoss.by) return finding
  const why = sentence(`${mine}° against ${theirs}° on the other side: ${sideLoss.says}`)
  return {
    ...finding,
    result: sideLoss.result,
    why,
    readings: [...finding.readings.filter((r) => r.direction === 'for'), ...sideLoss.points.map((p) => ({ ...p, why }))],
  }
}

/** Sore on both sides alike under equal pressure: it may be the examiner's hand. */
function mayBePressure(finding: Finding, other: Finding | undefined, { pressing }: Table): Finding {
  if (!pressing || finding.result !== 'positive' || other?.result !== 'positive') return finding
  if (Math.abs((finding.intensity ?? 0) - (other.intensity ?? 0)) > 1) return finding
  return {
    ...finding,
    result: 'inconclusive',
    why: 'Equal on both sides under equal pressure: may be pressure.',
    readings: [],
    checks: [...finding.checks, 'May be pressure: repeat lighter on both sides.'],
  }
}

/** A score of each side, and both together, once both are there. */
function withSum(finding: Finding, mine: Run | undefined, theirs: Run | undefined, { sum }: Table): Finding {
  const a = sum && scoreOf(mine, sum.stage)
  const b = sum && mine !== theirs ? scoreOf(theirs, sum.stage) : undefined
  if (!sum || a === undefined || b === undefined) return finding
  return { ...finding, checks: [...finding.checks, `Both sides together: ${a + b} of ${sum.of}.`] }
}

function scoreOf(run: Run | undefined, stage: string): number | undefined {
  const answer = run?.answers.find((a) => a.stage === stage)?.answer
  return answer?.said === 'observed' && /^[0-9]+$/.test(answer.choice) ? Number(answer.choice) : undefined
}

/** A late stop belongs to the side of the complaint; where no side is sore, to the side that stops. */
function compareLateStop(finding: Finding, other: Finding | undefined, reading: Tension, run: Run | undefined): Finding {
  const sore = run ? soreSides({ symptoms: run.story }) : []
  if (sore.length > 0 && !sore.includes(finding.side)) return finding
  const late = reading.lateStop
  const mine = finding.measures.end
  const theirs = reached(other)
  if (!late || mine === undefined || theirs === undefined || finding.symptom) return finding
  if (mine < late.from || mine > late.to || theirs - mine < late.freerBy) return finding
  const why = sentence(`${mine}° against ${theirs}°: ${late.because}`)
  return { ...finding, readings: [...finding.readings, { source: late.source, direction: 'for', strength: 'pointer', why }] }
}

/** A test that should end about where another one does, as it was found. */
interface Agreement {
  readonly quiet: Finding
  readonly by: NonNullable<Tension['agreesWith']>
}

function agreementOf(quiet: Finding, testById: (id: string) => ExamTest | undefined): readonly Agreement[] {
  const reading = testById(quiet.test)?.reading
  return reading?.kind === 'tension' && reading.agreesWith ? [{ quiet, by: reading.agreesWith }] : []
}

/** A quiet seated raise beside a limited supine one: look at the technique again, never at the patient's honesty. */
function withAgreement(finding: Finding, findings: readonly Finding[], agreeing: readonly Agreement[]): Finding {
  const pairs = agreeing
    .filter(({ quiet }) => quiet.side === finding.side)
    .flatMap(({ quiet, by }) => {
      if (by.test === finding.test) return [{ quiet, limited: finding, by }]
      if (quiet.test !== finding.test || quiet.about !== finding.about) return []
      return findings.filter((f) => f.test === by.test && f.side === finding.side).map((limited) => ({ quiet: finding, limited, by }))
    })
  const off = pairs.find(({ quiet, limited, by }) => {
    const free = quiet.symptom ? undefined : quiet.measures.end
    const short = reached(limited)
    return free !== undefined && short !== undefined && free >= by.quietFrom && free - short >= by.within
  })
  if (!off) return finding
  return {
    ...finding,
    checks: [
      ...finding.checks,
      `Seated and supine disagree: ${reached(off.quiet) ?? '?'}° without complaint seated, ${reached(off.limited) ?? '?'}° supine. Recheck technique, pelvis, hamstring and effort.`,
    ],
  }
}
