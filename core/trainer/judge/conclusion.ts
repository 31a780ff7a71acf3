import { URGENCY_WORDS } from '../../safety/gate'
import { listWords } from '../../vocabulary/sentence'
import type { Attempt, Commitment } from '../attempt'
import { seriousOf } from '../serious'
import { isSideless, playedTitle } from '../sideless'
import type { SimulatedPatient } from '../simulated-patient'
import { stepsLate, urgencyOf } from './expected'
import type { Moment } from './moment'

/** Was the source that was named first, or none, what truly is? This is what certainty is held against. */
export function isRight(patient: Pick<SimulatedPatient, 'sources'>, { sources }: Pick<Commitment, 'sources'>): boolean {
  const [first] = sources
  if (!first) return patient.sources.length === 0
  return patient.sources.some((s) => s.source === first.source && (s.side === first.side || isSideless(s.source)))
}

/** Brier score of the stated certainty: 0 is sure and right, 0.25 knows nothing, 1 is sure and wrong. */
export function brierOf(patient: Pick<SimulatedPatient, 'sources'>, commitment: Pick<Commitment, 'sources' | 'certainty'>): number {
  return (commitment.certainty / 100 - (isRight(patient, commitment) ? 1 : 0)) ** 2
}

/** Source, side, level, what was missed, and what is done next. */
export function conclusionMoments(patient: SimulatedPatient, { commitment, committedAt }: Pick<Attempt, 'commitment' | 'committedAt'>): readonly Moment[] {
  const one = (verdict: Moment['verdict'], what: string, why: string, instead: string | null): Moment => ({
    skill: 'conclusion',
    at: committedAt,
    event: null,
    verdict,
    what,
    why,
    instead,
  })
  const truth = truthWords(patient)
  const named = commitment.sources.map((said) => {
    const at = patient.sources.find((s) => s.source === said.source)
    if (!at)
      return one('wrong', `Held for true: ${playedTitle(said)}.`, `What truly hurts: ${truth}.`, 'Ask what would have to be found for it, and whether it was.')
    if (at.side !== said.side && !isSideless(at.source))
      return one('wrong', `Held for true: ${playedTitle(said)}.`, `It is on the ${at.side}.`, `The ${at.side}.`)
    if (said.level !== null && at.level !== null && said.level !== at.level)
      return one('wrong', `${playedTitle(said)}: level ${said.level}.`, `It is ${at.level}.`, at.level)
    return one('right', `${playedTitle(said)}${said.level === null ? '' : `, ${said.level}`}.`, 'It truly hurts there.', null)
  })
  const none =
    commitment.sources.length === 0 && patient.sources.length === 0 ? [one('right', 'No source held for true.', `What is there: ${truth}.`, null)] : []
  const missed = patient.sources
    .filter((s) => !commitment.sources.some((said) => said.source === s.source))
    .map((s) => one('wrong', 'A true source was not named.', `${playedTitle(s)}${s.level === null ? '' : `, ${s.level}`}.`, null))
  return [...named, ...none, ...missed, nextStep(patient, commitment, one)]
}

function nextStep(
  patient: SimulatedPatient,
  { next, urgency }: Commitment,
  one: (verdict: Moment['verdict'], what: string, why: string, instead: string | null) => Moment,
): Moment {
  const wanted = urgencyOf(patient)
  const said = next === 'treat' ? 'Treat, and recheck.' : `Refer: ${urgency ? URGENCY_WORDS[urgency] : 'no hurry said'}.`
  if (wanted === null) {
    return next === 'treat'
      ? one('right', said, 'Nothing asks for somebody else.', null)
      : one('wrong', said, 'Nothing asks for somebody else: nobody is helped by being sent on.', 'Treat, and recheck.')
  }
  const why = patient.serious ? `There is ${seriousOf(patient.serious).name}.` : `What truly hurts is referred: ${truthWords(patient)}.`
  if (next === 'treat') return one('unsafe', said, why, `${URGENCY_WORDS[wanted]}.`)
  const late = stepsLate(urgency, wanted)
  return late === 0 ? one('right', said, why, null) : one(late > 1 ? 'unsafe' : 'wrong', said, why, `${URGENCY_WORDS[wanted]}.`)
}

/** What a person truly has, in words. */
export function truthWords({ sources, serious }: Pick<SimulatedPatient, 'sources' | 'serious'>): string {
  const all = [...(serious ? [seriousOf(serious).name] : []), ...sources.map((s) => `${playedTitle(s)}${s.level === null ? '' : ` (${s.level})`}`)]
  return all.length === 0 ? 'nothing that a test here could find' : listWords(all)
}
