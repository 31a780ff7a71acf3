import type { Quality } from '../vocabulary/quality'
import { capital } from '../vocabulary/sentence'
import type { Place } from '../vocabulary/body-area'
import type { Chance } from './chance'
import { IT_DOES, layPlaces } from './lay-words'
import type { Felt } from './mechanics/felt'
import type { SimulatedPatient } from './simulated-patient'

/** The answer to "What do you feel? Where? Is that what you came with?", never in the words of the record. */
export function say(felt: Felt, patient: SimulatedPatient, chance: Chance): string {
  switch (felt.feels) {
    case 'familiar': {
      const symptom = patient.symptoms.find((s) => s.id === felt.source.symptom)
      const known = chance.oneOf([
        'Yes, that is it',
        'That is the one',
        'There it is, the same as always',
        'That is what I came about',
        'Just what I get at home',
      ])
      const does = doesWords(symptom?.qualities ?? [], chance)
      const where = layPlaces(felt.places)
      const line = chance.oneOf([`${known}. In ${where}. It ${does}.`, `It ${does}, in ${where}. ${known}.`, `In ${where}. ${known}, it ${does}.`])
      return short(line, `${known}. ${capital(where)}.`, patient)
    }
    case 'stretch': {
      const pull = chance.oneOf(['A pull', 'It is tight', 'It stretches', 'A real pull'])
      const not = chance.oneOf([
        'No, that is not what I get',
        'Like after running, not my trouble',
        'That is something else, it just pulls',
        'Not the pain I know',
        'No, mine is different',
      ])
      return short(`${pull} in ${layPlaces(felt.places)}. ${not}.`, `${pull}. ${capital(layPlaces(felt.places))}. ${not}.`, patient)
    }
    case 'sore': {
      const not = chance.oneOf(['but you are pressing hard', 'but it is not my pain', 'it is sore because you press there', 'not what I came with, though'])
      return `It hurts where you press, ${layPlaces(felt.places)}; ${not}.`
    }
    case 'nothing':
      return chance.oneOf(['Nothing.', 'No, nothing.', 'I feel you doing it, no more.', 'That is fine.', 'Nothing special.'])
  }
}

/** The answer to a question that names the pain and the place: some people agree with whoever asks. */
export function sayLed(felt: Felt, patient: SimulatedPatient, chance: Chance): string {
  if (felt.feels === 'familiar') return chance.oneOf(['Yes.', 'Yes, it does.'])
  if (patient.suggestible) return chance.oneOf(['Yes, I suppose it does.', 'A bit, yes.', 'Yes, now you say it.'])
  return felt.feels === 'nothing' ? 'No.' : chance.oneOf(['Not really.', 'Not that, no.'])
}

/** What slips out before anybody asks. */
export function slips(felt: Felt, patient: SimulatedPatient, chance: Chance): string {
  if (felt.feels === 'nothing') return ''
  if (felt.feels === 'stretch') return patient.manner === 'talkative' ? 'Mm, that is tight.' : chance.oneOf(['', 'Mm.'])
  return patient.manner === 'terse' ? chance.oneOf(['Ow.', 'Hm.']) : chance.oneOf(['Ow.', 'Ooh.', 'Ah, careful.'])
}

/** What a symptom did when something was let go or put back. */
export function sayReleased(
  said: 'eased' | 'unchanged' | 'returned' | 'stayed-away' | 'worse' | 'nothing-to-relieve',
  patient: SimulatedPatient,
  chance: Chance,
): string {
  const words = {
    eased: ['That is better.', 'It lets go.', 'Less, clearly less.', 'Oh, that takes it away.'],
    unchanged: ['The same.', 'No different.', 'It is just as it was.'],
    returned: ['There it is again.', 'It is back.', 'Now it comes again.'],
    'stayed-away': ['No, it stays away.', 'Nothing now.'],
    worse: ['That makes it worse.', 'More, not less.', 'Worse, if anything.'],
    'nothing-to-relieve': ['There is nothing there just now.', 'I do not feel it at the moment.'],
  } as const
  const line = chance.oneOf(words[said])
  return patient.manner === 'talkative' && said === 'unchanged' ? `${line} I would tell you if it changed.` : line
}

function doesWords(qualities: readonly Quality[], chance: Chance): string {
  const known = qualities.flatMap((q) => (IT_DOES[q] ? [chance.oneOf(IT_DOES[q])] : []))
  return known[0] ?? 'hurts'
}

function short(line: string, terse: string, { manner }: SimulatedPatient): string {
  return manner === 'terse' ? terse : line
}

/** A place as a hand shows it, for whoever cannot name it. */
export function shows(places: readonly Place[]): string {
  return places.length === 0 ? '' : `Shows ${layPlaces(places).replaceAll('my ', 'the ')}.`
}
