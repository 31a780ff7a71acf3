import { assess } from '../core/assess'
import { CATALOGUE } from '../core/catalogue'
import { DRAWS, type IntervalInput, intervalInput, intervalOf } from '../core/evidence/interval'
import { adviceOf } from '../core/planner/advice'
import { optionsOf } from '../core/planner/options'
import { routeOf } from '../core/planner/route'
import type { ExamEvent } from '../core/record/event'
import { type Exam, examFrom } from '../core/record/exam'
import { holdingOf } from '../core/sensitivity'
import { SOURCES } from '../core/vocabulary/source'
import { fullExam } from '../tests/full-exam'
import { ratio, report, share, timed } from './measure'

/** Everything that is computed after one event, with all tests done, against one frame of the screen; and how it grows. */
export function reassess(): void {
  const { events } = fullExam()
  const whole = median(events, 100)
  const lines = (['fewest-turns', 'quickest-answer'] as const).map((mode) => {
    const half: readonly ExamEvent[] = upToTests(events, 30)
    return `${mode}, half of the tests open: ${median(half, 60, mode).toFixed(2)} ms`
  })
  report(`Recomputing and planning again after an event: all ${CATALOGUE.length} tests, every side, ${Object.keys(SOURCES).length} sources`, [
    `${events.length} events; median ${whole.toFixed(2)} ms, ${ratio(whole, 16)} a 16 ms frame`,
    ...lines,
    holdingLine(events),
  ])
  const sizes = [15, 30, 45, 60]
  const times = sizes.map((n) => {
    const some = upToTests(events, n)
    return { n, reading: medianOf(60, () => readingOf(some)), all: median(some, 60) }
  })
  const [first, last] = [times[0], times.at(-1)]
  report('Growth with the number of tests done; the fewer are done, the more are left to plan', [
    ...times.map(({ n, reading, all }) => `${n} tests: findings, rules and figures ${reading.toFixed(2)} ms; with the plan ${all.toFixed(2)} ms`),
    `planning takes at most ${ratio(
      Math.max(...times.map((t) => t.all - t.reading)),
      share(
        times.map((t) => t.reading).sort((a, b) => a - b),
        0.5,
      ),
    )} as long as the median of these readings`,
    `four times the tests: findings, rules and figures ${ratio(last?.reading ?? NaN, first?.reading ?? NaN)} as long, with the plan ${ratio(last?.all ?? NaN, first?.all ?? NaN)}`,
  ])
  draws(events)
}

/** As the screen does it after an event: fold, findings, rules, figures, route, advice. */
function afterEvent(events: readonly ExamEvent[], mode: Exam['mode']): void {
  const folded = examFrom(events)
  if (!folded) return
  const assessment = assess({ ...folded, mode })
  const route = routeOf(assessment)
  adviceOf(assessment, route)
  optionsOf(assessment, route)
}

function readingOf(events: readonly ExamEvent[]): void {
  const folded = examFrom(events)
  if (folded) assess(folded)
}

function medianOf(runs: number, work: () => void): number {
  return share(timed(runs, work), 0.5)
}

function median(events: readonly ExamEvent[], runs: number, mode: Exam['mode'] = 'full-baseline'): number {
  return medianOf(runs, () => afterEvent(events, mode))
}

function upToTests(events: readonly ExamEvent[], tests: number): readonly ExamEvent[] {
  const begun = new Set<string>()
  const end = events.findIndex((event) => {
    if (event.type === 'test-started') begun.add(event.test)
    return begun.size > tests
  })
  return end === -1 ? events : events.slice(0, end)
}

function holdingLine(events: readonly ExamEvent[]): string {
  const exam = examFrom(events)
  if (!exam) return ''
  const times = timed(8, () => {
    holdingOf(assess({ ...exam }))
  })
  return `what the leading source hangs on (every finding turned, every assumption pushed) in a worker: median ${share(times, 0.5).toFixed(0)} ms`
}

/** Draws a second for every lit source, against the same draws without shared causes. */
export function draws(events: readonly ExamEvent[]): void {
  const exam = examFrom(events)
  const inputs = (exam ? assess(exam).sources : []).flatMap((s) => (s.weighed ? (intervalInput(s.weighed) ?? []) : []))
  // Another number of draws each time, so that nothing drawn before is used again.
  let fresh = DRAWS
  const each = (made: readonly IntervalInput[], draws: number) => {
    for (const input of made) intervalOf(input, draws)
  }
  const apart = inputs.map((input) => ({ ...input, groups: input.groups.map((g) => ({ ...g, rho: null })) }))
  const drawn = timed(8, () => each(inputs, ++fresh))
  const plain = timed(8, () => each(apart, ++fresh))
  const again = timed(8, () => each(inputs, DRAWS))
  const second = (DRAWS * inputs.length * 1000) / share(drawn, 0.5)
  report(`Interval of each of ${inputs.length} lit sources, ${DRAWS} draws each`, [
    `${Math.round(second / 1000)} thousand draws a second; all sources in ${share(drawn, 0.5).toFixed(0)} ms`,
    `${ratio(share(drawn, 0.5), share(plain, 0.5))} as long as drawing from the plain product`,
    `once the studies were drawn, as after one more answer: ${share(again, 0.5).toFixed(0)} ms`,
  ])
}
