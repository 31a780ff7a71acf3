import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import { nameOfTest } from '../catalogue/retired'
import type { Finding } from '../findings/finding'
import type { Run } from '../record/exam'
import { RESULT_WORDS } from '../findings/finding'
import { POSTURE_WORDS, POSTURES } from '../vocabulary/posture'
import { nextStage } from '../record/ladder'
import { unfinished, unfinishedWords } from './open-points'
import { repeatsOf, withheldOf } from './performances'
import type { Paragraph } from './paragraph'

const ENDED: Partial<Record<NonNullable<Run['stopped']>, string>> = {
  'patient-asked': 'Stopped at the patient’s request',
  halted: 'Ended by a halt',
  'consent-withdrawn': 'Ended as consent was withdrawn',
}

/** What each test showed, in the order the body lay. */
export function testsParagraph(assessment: Assessment): Paragraph {
  const lines = POSTURES.flatMap((posture) => {
    const here = runsAs(assessment).filter(({ first }) => testById(first.test)?.posture === posture)
    return here.length === 0 ? [] : [`${POSTURE_WORDS[posture]}:`, ...here.map(({ findings }) => line(findings))]
  })
  // A test that left the catalogue has no reading any more, and was performed all the same.
  const retired = assessment.exam.runs
    .filter((run) => !testById(run.test) && run.answers.length > 0)
    .map((run) => `- ${nameOfTest(run.test)}${run.side === 'none' ? '' : `, ${run.side}`}: performed; this test is no longer in the catalogue and is not read.`)
  // A test whose question did not arise was done all the same, as when the well leg's raise was done on the sore leg.
  const unasked = assessment.exam.runs.flatMap((run) => {
    const test = testById(run.test)
    const read = assessment.findings.some((f) => f.test === run.test && (f.side === run.side || run.side === 'none'))
    return test && !read && run.answers.length > 0 && nextStage(run, test) === null && run.stopped === null
      ? [`- ${testTitle(test, run.side)}: performed; the question it asks did not arise.`]
      : []
  })
  const ended = assessment.exam.runs.flatMap((run) => {
    const why = run.stopped === null ? undefined : ENDED[run.stopped]
    const test = testById(run.test)
    if (why === undefined || (test && nextStage({ ...run, stopped: null }, test) === null)) return []
    return [`${why}: ${test ? testTitle(test, run.side) : nameOfTest(run.test)}.`]
  })
  const skips = assessment.exam.skips.map((s) => {
    const test = testById(s.test)
    return `Not done: ${test ? testTitle(test, s.side) : nameOfTest(s.test)} (${s.why}).`
  })
  const begun = unfinished(assessment.exam).map((run) => `Not finished: ${unfinishedWords(run)}.`)
  const again = repeatsOf(assessment)
  const withheld = withheldOf(assessment)
  return {
    heading: 'Tests',
    lines:
      lines.length + retired.length + unasked.length + skips.length + ended.length + begun.length === 0
        ? ['No test was done.', ...withheld]
        : [...lines, ...unasked, ...retired, ...again, ...begun, ...skips, ...ended, ...withheld],
  }
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
