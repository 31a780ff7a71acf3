import type { Exam } from './exam'
import type { EpisodeContinued, TreatmentGiven, VisitEvent } from './visit-events'

/** The episode that an examination goes on with. */
export type Episode = Pick<EpisodeContinued, 'episode' | 'visit' | 'given' | 'earlier' | 'treated' | 'signs'>

/** What was done between two measurements; its place in the list, from 1, is the moment that follows it. */
export type Treatment = Pick<TreatmentGiven, 'id' | 'at' | 'kind' | 'region' | 'side' | 'words' | 'response'>

/** A test on a side, as signs are kept by. */
export function signKey({ test, side }: { readonly test: string; readonly side: string }): string {
  return `${test} ${side}`
}

/** What an event of the episode changes. */
export function withVisitEvent(exam: Exam, event: VisitEvent): Partial<Exam> {
  switch (event.type) {
    case 'episode-continued': {
      const { episode, visit, given, earlier, treated, signs, baselines } = event
      return {
        episode: { episode, visit, given, earlier, treated, signs },
        described: [...given],
        signs: Object.fromEntries(signs.map((sign) => [signKey(sign), sign.as])),
        baselines,
      }
    }
    case 'treatment-given': {
      const { id, at, kind, region, side, words, response } = event
      return { treatments: [...exam.treatments, { id, at, kind, region, side, words, response }] }
    }
    case 'treatment-answered': {
      const at = event.treatment - 1
      const treatment = exam.treatments[at]
      return treatment ? { treatments: exam.treatments.with(at, { ...treatment, response: event.response }) } : {}
    }
    case 'sign-marked':
      return { signs: { ...exam.signs, [signKey(event)]: event.as } }
    case 'baseline-pinned':
      return { baselines: [...exam.baselines, { run: event.run, why: event.why }] }
  }
}

/** Performances before anything was treated: the set that rules, sources and the plan read. The same examination where all are. */
export function beforeTreatment<E extends Pick<Exam, 'runs' | 'treatments'>>(exam: E): E {
  if (exam.runs.every((run) => run.moment === 0)) return exam
  const known = DIAGNOSTIC.get(exam)
  if (known) return known as E
  const diagnostic = { ...exam, runs: exam.runs.filter((run) => run.moment === 0) }
  DIAGNOSTIC.set(exam, diagnostic)
  return diagnostic
}

/** An examination is never changed in place, and everything that is read keeps what it knows with it. */
const DIAGNOSTIC = new WeakMap<object, unknown>()
