import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { postureIn, testTitle } from '../catalogue/exam-test'
import { nameOfTest } from '../catalogue/retired'
import type { Finding } from '../findings/finding'
import type { Run } from '../record/exam'
import { RESULT_WORDS } from '../findings/finding'
import { POSTURE_WORDS, POSTURES } from '../vocabulary/posture'
import { inSentence } from '../vocabulary/sentence'
import { nextStage } from '../record/ladder'
import { unfinished, unfinishedWords } from './open-points'
import { repeatsOf, withheldOf } from './performances'
import { stageWords } from './stage-words'
import { type Section, type Statement, STAGES, say, section } from './section'

const ENDED: Partial<Record<NonNullable<Run['stopped']>, string>> = {
  'patient-asked': 'Stopped at the patient’s request',
  'examiner-chose': 'Stopped by the examiner',
  halted: 'Ended by a halt',
  'consent-withdrawn': 'Ended as consent was withdrawn',
}

/** What each test showed, in the order the body lay. */
export function testsSection(assessment: Assessment): Section {
  const lines = POSTURES.flatMap((posture) => {
    const here = runsAs(assessment).filter(({ first }) => {
      const test = testById(first.test)
      return test && postureIn(test, first.variant) === posture
    })
    return here.length === 0
      ? []
      : [say(`${POSTURE_WORDS[posture]}:`), ...here.flatMap(({ first, findings }) => [say(line(findings), of(first.run)), ...stages(first.run, assessment)])]
  })
  // A test that left the catalogue has no reading any more, and was performed all the same.
  const retired = assessment.exam.runs
    .filter((run) => !testById(run.test) && run.answers.length > 0)
    .map((run) =>
      say(
        `- ${nameOfTest(run.test)}${run.side === 'none' ? '' : `, ${run.side}`}: performed; this test is no longer in the catalogue and is not read.`,
        of(run.id),
      ),
    )
  // A test whose question did not arise was done all the same, as when the well leg's raise was done on the sore leg.
  const unasked = assessment.exam.runs.flatMap((run) => {
    const test = testById(run.test)
    const read = assessment.findings.some((f) => f.test === run.test && (f.side === run.side || run.side === 'none'))
    return test && !read && run.answers.length > 0 && nextStage(run, test) === null && run.stopped === null
      ? [say(`- ${testTitle(test, run.side)}: performed; the question it asks did not arise.`, of(run.id)), ...stages(run.id, assessment)]
      : []
  })
  const ended = assessment.exam.runs.flatMap((run) => {
    const why = run.stopped === null ? undefined : ENDED[run.stopped]
    const test = testById(run.test)
    if (why === undefined || (test && nextStage({ ...run, stopped: null }, test) === null)) return []
    return [say(`${why}: ${test ? testTitle(test, run.side) : nameOfTest(run.test)}.`, of(run.id))]
  })
  const skips = assessment.exam.skips.map((s) => {
    const test = testById(s.test)
    return say(`Not done: ${test ? testTitle(test, s.side) : nameOfTest(s.test)} (${s.why}).`, { kind: 'step', id: `${s.test} ${s.side}` })
  })
  const begun = unfinished(assessment.exam).map((run) => say(`Not finished: ${unfinishedWords(run)}.`, of(run.id)))
  const again = repeatsOf(assessment)
  const withheld = withheldOf(assessment)
  return section(
    'tests',
    lines.length + retired.length + unasked.length + skips.length + ended.length + begun.length === 0
      ? [say('No test was done.'), ...withheld]
      : [...lines, ...unasked, ...retired, ...again, ...begun, ...skips, ...ended, ...withheld],
  )
}

const of = (run: string) => ({ kind: 'run', id: run }) as const

/** Every stage with what was answered and measured there, where a test has more than its one line tells. */
function stages(id: string, { exam }: Assessment): readonly Statement[] {
  const run = exam.runs.find((r) => r.id === id)
  const test = run && testById(run.test)
  if (!run || !test || run.answers.length === 0) return []
  const told = run.answers.map(({ stage: at, answer }) => {
    const stage = test.stages.find((s) => s.id === at)
    return `${inSentence(stage?.label ?? at)}: ${stageWords(answer, stage)}`
  })
  return [say(`${STAGES}${told.join('; ')}.`, of(id))]
}

/** Findings of one performance belong on one line: a test without a side reads for both. */
function runsAs(assessment: Assessment): readonly { first: Finding; findings: readonly Finding[] }[] {
  const byRun = new Map<string, Finding[]>()
  for (const finding of assessment.findings) byRun.set(finding.run, [...(byRun.get(finding.run) ?? []), finding])
  return [...byRun.values()].flatMap((findings) => {
    const first = findings[0]
    return first ? [{ first, findings }] : []
  })
}

function line(findings: readonly Finding[]): string {
  const told = findings.find((f) => f.result === 'positive') ?? findings[0]
  if (!told) return ''
  const test = testById(told.test)
  const variant = test && test.variants.length > 1 ? test.variants.find((v) => v.id === told.variant)?.name : undefined
  const about = told.about === told.side ? '' : `, for the ${told.about}`
  const side = test?.sides === 'none' ? (told.result === 'positive' ? `, on the ${told.side}` : '') : `, ${told.side}${about}`
  const how = variant ? ` (${variant.charAt(0).toLowerCase()}${variant.slice(1)})` : ''
  return [`- ${test?.name ?? told.test}${side}${how}: ${RESULT_WORDS[told.result]}. ${told.why}`, ...told.checks].join(' ')
}
