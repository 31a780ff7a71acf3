import { assess } from '../core/assess'
import { testById } from '../core/catalogue'
import { seededRandom } from '../core/evidence/rng'
import { adviceOf } from '../core/planner/advice'
import { routeOf, variantFor } from '../core/planner/route'
import type { Answer } from '../core/record/answer'
import { admitTo } from '../core/record/admit'
import { agreedTo, composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import type { Exam } from '../core/record/exam'
import { isOver, nextStage } from '../core/record/ladder'
import { RULEBOOK } from '../core/safety/rulebook'
import { provocations, restUntil } from '../core/safety/state'
import type { Place } from '../core/vocabulary/body-area'
import { bare, quiet } from './people'

const STORIES: readonly (readonly Place[])[] = [
  ['right-buttock'],
  ['right-calf', 'right-low-back'],
  ['right-low-back'],
  ['right-neck-back', 'right-forearm-front', 'right-thumb'],
  ['right-neck-back'],
]

/** How an easily stirred person fared who was examined as the bench suggests. */
export interface Walk {
  readonly exam: Exam
  readonly wrong: readonly string[]
  /** Times the symptom stayed raised, and times the bench then paused. */
  readonly raised: number
  readonly paused: number
}

/**
 * Examine an easily stirred, strong and slowly settling person as the bench suggests, with random answers, until it suggests no more.
 *
 * Every rest that is due is kept; a raise that lasts is learnt by rating it.
 */
export function irritableWalk(seed: string): Walk {
  const random = seededRandom(seed)
  const places = STORIES[Math.floor(random() * STORIES.length)] ?? ['right-buttock']
  const rest = 1 + Math.floor(random() * 4)
  const told = bare().symptom('S1', {
    words: 'stirred up by little',
    places,
    qualities: random() < 0.5 ? ['shooting'] : ['aching'],
    now: rest,
    worst: 9,
    stirring: { stirredBy: 'little', settles: 'longer' },
  })
  const start = told.screened()
  let ledger: { events: readonly ExamEvent[]; exam: Exam | null } = { events: start.events, exam: start.exam }
  let at = start.events.at(-1)?.at ?? 0
  const wrong: string[] = []
  let raised = 0
  let paused = 0
  const exam = () => ledger.exam ?? start.exam
  const tell = (content: EventContent, after = 20_000): boolean => {
    at += after
    const event: ExamEvent = { ...content, id: composedId(at, seed, ledger.events.length), at, by: 'test-author' }
    const admission = admitTo({ ...ledger, fresh: true }, [event], RULEBOOK)
    if (admission.ok) ledger = admission
    else wrong.push(`${content.type} was refused: ${admission.problem.what}`)
    return admission.ok
  }
  for (let n = 0; n < 40; n++) {
    const assessment = assess(exam())
    const { step } = adviceOf(assessment, routeOf(assessment))
    if (!step) break
    const before = exam()
    const waiting = before.runs.at(-1)
    const test = testById(step.test.id)
    if (!test) break
    // What came on is followed before anything else is begun.
    const parent = waiting && testById(waiting.test)
    const follow =
      parent && before.runs.length > 0
        ? followOf(
            parent.id,
            waiting.answers.some((a) => a.answer.said === 'familiar'),
          )
        : null
    if (follow && step.test.follows !== parent?.id && !wasFollowed(before, follow)) wrong.push(`${step.test.id} before ${follow}`)
    const variant = variantFor(before, test)
    const grade = test.variants.find((v) => v.id === variant)?.grade ?? 'plain'
    if (test.provocative > 0 && (grade === 'full' || grade === 'sensitised')) wrong.push(`${test.id} at the ${grade} grade`)
    const until = restUntil(before)
    const due = test.provocative > 0 && test.follows === undefined && until !== null ? Math.max(0, until - at) : 0
    if (test.intimate && before.renewed[test.intimate] !== 'agreed') {
      const agreed = agreedTo(start, test.intimate).events.at(-1)
      if (agreed?.type === 'consent-renewed') tell({ type: 'consent-renewed', region: agreed.region, answer: 'agreed', chaperone: 'declined' })
    }
    const run = composedId(at + 1, `${seed} run`, ledger.events.length)
    if (!tell({ type: 'test-started', run, test: test.id, side: step.side, variant }, 20_000 + due)) break
    let came = false
    for (;;) {
      const now = exam().runs.find((r) => r.id === run)
      const stage = now && nextStage(now, test)
      if (!now || !stage) break
      if (now.answers.length > 0 && restUntil(exam()) !== null && stage.kind === 'release') wrong.push(`a rest within ${test.id}`)
      const comes = stage.kind === 'load' && !stage.baseline && random() < 0.3
      came ||= comes
      const answer: Answer = comes
        ? { said: 'familiar', symptom: 'S1', places: [...places].slice(0, 1), intensity: Math.min(10, rest + 1 + Math.floor(random() * 4)) }
        : stage.kind === 'release' && random() < 0.5
          ? { said: 'eased' }
          : quiet(stage)
      if (!tell({ type: 'stage-answered', run, stage: stage.id, answer })) break
    }
    const ended = exam().runs.find((r) => r.id === run)
    if (ended && !isOver(ended, test)) break
    if (came && random() < 0.4 && exam().signed === null) {
      // Five minutes on it is still two points up: however it is learnt, the examination pauses.
      tell({ type: 'symptom-rated', symptom: 'S1', now: Math.min(10, rest + 2) }, 6 * 60_000)
      raised += 1
      const next = routeOf(assess(exam())).flatMap((leg) => leg.steps)
      const opened = next.find((s) => (s.state === 'open' || s.state === 'under-way') && s.test.provocative > 0)
      if (opened) wrong.push(`${opened.test.id} open though the symptom stays raised`)
      else paused += 1
      tell({ type: 'symptom-rated', symptom: 'S1', now: rest }, 60_000)
    }
  }
  const spent = provocations(exam()).length
  if (spent > 6) wrong.push(`${spent} provocations`)
  return { exam: exam(), wrong, raised, paused }
}

function followOf(test: string, cameOn: boolean): string | null {
  return cameOn && test === 'leg-raise' ? 'leg-raise-ankle' : null
}

function wasFollowed(exam: Exam, follow: string): boolean {
  return exam.runs.some((r) => r.test === follow) || exam.skips.some((s) => s.test === follow)
}
