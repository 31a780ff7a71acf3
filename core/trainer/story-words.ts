import type { Symptom } from '../record/run'
import { capital } from '../vocabulary/sentence'
import type { Chance } from './chance'
import { IT_DOES, layPlace } from './lay-words'
import type { SimulatedPatient } from './simulated-patient'

/** The complaint as they tell it at the door: varied, and never the name of a source. */
export function storyWords({ places, qualities }: Pick<Symptom, 'places' | 'qualities'>, manner: SimulatedPatient['manner'], chance: Chance): string {
  const [first] = places
  const last = places.at(-1)
  const where = first === undefined ? 'it' : layPlace(first)
  const reach = last === undefined || last === first ? '' : layPlace(last)
  const does = chance.oneOf((qualities[0] && IT_DOES[qualities[0]]) ?? ['hurts'])
  if (manner === 'terse') return capital(`${where}${reach && `, down to ${reach}`}. It ${does}.`)
  const begins = chance.oneOf(['It is', 'The trouble is', 'What brings me is', 'It sits in', 'I have it in'] as const)
  const goes = reach && chance.oneOf([`, and from there it goes to ${reach}`, `, and it runs down to ${reach}`, `, right to ${reach}`] as const)
  const told = capital(`${begins} ${where}${goes}. It ${does}.`)
  return manner === 'plain'
    ? told
    : `${told} ${chance.oneOf(['I have tried everything, honestly.', 'My sister had the same, she thinks.', 'I am not one to complain, you know.', 'It gets me down, I can tell you.'] as const)}`
}
