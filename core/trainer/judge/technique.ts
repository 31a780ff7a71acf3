import { testTitle } from '../../catalogue/exam-test'
import type { TestStarted } from '../../record/event'
import { soreSides } from '../../story/sore-sides'
import type { SimulatedPatient } from '../simulated-patient'
import type { Followed } from './followed'
import type { Moment } from './moment'
import { loadsAfter, PAST_DEGREES, pastOnset, pressesNeck } from './safety'

/** Share of a hold that may be missing before it counts as too short. */
const HOLD_SHARE = 0.8

/** Was it done as the test asks: question, pace, force, hold, first symptom, better side first, and the same way on both sides? */
export function techniqueMoments(patient: SimulatedPatient, followed: readonly Followed[]): readonly Moment[] {
  const single = followed.flatMap((f): Moment[] => {
    const fault = faultOf(f)
    if (fault === undefined) return []
    const { written, test, stage } = f
    const what = `${test.name}, ${stage.label}`
    return [
      fault === null
        ? {
            skill: 'technique',
            at: written.at,
            event: written.id,
            verdict: 'right',
            what: `${what}: as the test asks.`,
            why: 'Question, pace, force and hold were as they should be.',
            instead: null,
          }
        : { skill: 'technique', at: written.at, event: written.id, verdict: 'wrong', what: `${what}: ${fault.what}`, why: fault.why, instead: fault.instead },
    ]
  })
  return [...single, ...wentOn(followed), ...betweenSides(patient, followed)]
}

/** Loads that were added although the familiar symptom was there. */
function wentOn(followed: readonly Followed[]): readonly Moment[] {
  return loadsAfter(followed).flatMap(({ written, test, stage }): Moment[] =>
    pressesNeck(test)
      ? []
      : [
          {
            skill: 'technique',
            at: written.at,
            event: written.id,
            verdict: 'wrong',
            what: `${test.name}, ${stage.label}: more was added.`,
            why: 'The familiar symptom was there already.',
            instead: 'Let one part go, and ask what it does.',
          },
        ],
  )
}

interface Fault {
  readonly what: string
  readonly why: string
  readonly instead: string
}

/** What was wrong with how it was done; null where nothing was, undefined where there is nothing to judge. */
function faultOf({ hands, truth, worst, stage }: Followed): Fault | null | undefined {
  const asks = stage.kind === 'load' || stage.kind === 'release' || stage.kind === 'return' || stage.kind === 'relief'
  if (!hands)
    return asks
      ? {
          what: 'written down without doing it.',
          why: 'Nothing was done with the hands, so nothing can be known.',
          instead: 'Do the step, then ask, then write.',
        }
      : undefined
  const { reach } = hands
  if (asks && hands.asked === 'leading')
    return { what: 'the question named the pain.', why: 'Whoever is asked “does it hurt in the leg” tends to say yes.', instead: `Ask: “${stage.ask}”` }
  if (asks && hands.asked === 'nothing')
    return { what: 'nobody was asked.', why: 'A face tells that something is felt, and not what.', instead: `Ask: “${stage.ask}”` }
  if (hands.pace === 'fast')
    return {
      what: 'too fast, a jerk.',
      why: 'A jerk hurts anybody, and no moment can be read from it.',
      instead: 'Move so slowly that you could stop at any moment.',
    }
  const past = pastOnset({ hands, worst })
  if (past !== null && past > PAST_DEGREES)
    return {
      what: `taken ${Math.round(past)}° past the first symptom.`,
      why: 'The onset is what is measured; beyond it the person is only stirred up.',
      instead: 'Stop at the first sign.',
    }
  if (stage.force && reach.newtons !== undefined) {
    const [least, most] = stage.force
    if (reach.newtons < least && truth.answer.said !== 'familiar')
      return {
        what: `pressed with ${Math.round(reach.newtons)} N.`,
        why: `Below ${least} N a joint that hurts stays silent, and it looks negative.`,
        instead: `Press with ${least} to ${most} N.`,
      }
    if (reach.newtons > most)
      return {
        what: `pressed with ${Math.round(reach.newtons)} N.`,
        why: `Above ${most} N the press hurts anybody.`,
        instead: `Press with ${least} to ${most} N.`,
      }
  }
  if (stage.holdSeconds > 0 && reach.held !== undefined && reach.held < HOLD_SHARE * stage.holdSeconds && truth.answer.said !== 'familiar') {
    return {
      what: `held ${Math.round(reach.held)} of ${stage.holdSeconds} s.`,
      why: 'Some symptoms take their time to come.',
      instead: `Hold ${stage.holdSeconds} s, or until it comes on.`,
    }
  }
  return asks || stage.force || stage.holdSeconds > 0 ? null : undefined
}

/** Both sides of a test: the better one first where the test asks for it, and both in the same way. */
function betweenSides(patient: SimulatedPatient, followed: readonly Followed[]): readonly Moment[] {
  const runs = [...new Map(followed.map((f) => [f.started.run, f])).values()]
  const firsts = new Map<string, Followed>()
  const sore = soreSides({ symptoms: patient.symptoms })
  return runs.flatMap((f): Moment[] => {
    const { started, test } = f
    const first = firsts.get(test.id)
    if (!first) {
      firsts.set(test.id, f)
      if (
        test.plan !== 'better-side-first' ||
        test.provocative === 0 ||
        started.side === 'none' ||
        sore.length !== 1 ||
        !runs.some((r) => r.test.id === test.id && r.started.side !== started.side)
      )
        return []
      const better = started.side !== sore[0]
      return [
        moment(
          started,
          better,
          `${testTitle(test, started.side)}: ${better ? 'the better side first' : 'the sore side first'}.`,
          'The better side shows what is usual in this person, and stirs nothing up.',
          'Begin with the better side.',
        ),
      ]
    }
    if (first.started.variant === started.variant || first.started.side === started.side) return []
    return [
      moment(
        started,
        false,
        `${testTitle(test, started.side)}: another technique than on the other side.`,
        'Two techniques cannot be compared.',
        'Keep to one technique on both sides.',
      ),
    ]
  })
}

function moment(started: TestStarted, right: boolean, what: string, why: string, instead: string): Moment {
  return { skill: 'technique', at: started.at, event: started.id, verdict: right ? 'right' : 'wrong', what, why, instead: right ? null : instead }
}
