import { FACTS, type FactId } from '../story/facts'
import { areaOf, bodyArea } from '../vocabulary/body-area'
import { capital } from '../vocabulary/sentence'
import { chanceOf } from './chance'
import { layPlaces, layQualities } from './lay-words'
import type { SimulatedPatient } from './simulated-patient'

/** Questions of the story beside those of the history, in the order of a good interview. */
const OPEN = {
  complaint: 'What brings you here?',
  where: 'Where do you feel it? Show me.',
  quality: 'What is it like?',
  other: 'Is there anything else, anywhere else?',
  began: 'How did it begin?',
  now: 'How strong is it now, 0 to 10?',
  worst: 'How strong does it get?',
  usual: 'How strong is it usually?',
  'brings-on': 'What brings it on?',
  eases: 'What eases it?',
  stirred: 'How much does it take to stir it up?',
  settles: 'How long does it stay once it is stirred up?',
} as const

export type StoryQuestionId = keyof typeof OPEN | `fact-${FactId}`

/** A question that can be put to the person. */
export interface StoryQuestion {
  readonly id: StoryQuestionId
  readonly ask: string
}

/** Those that can be asked of this person: the history's only where the complaint lies in their region. */
export function storyQuestions({ symptoms }: Pick<SimulatedPatient, 'symptoms'>): readonly StoryQuestion[] {
  const zones = new Set(symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone))
  return [
    ...(Object.keys(OPEN) as (keyof typeof OPEN)[]).map((id) => ({ id, ask: OPEN[id] })),
    ...FACTS.filter((fact) => fact.zones.some((zone) => zones.has(zone))).map((fact) => ({ id: `fact-${fact.id}` as const, ask: fact.ask })),
  ]
}

/** Is this a question of the story? */
export function isStoryQuestion(id: string): id is StoryQuestionId {
  return Object.hasOwn(OPEN, id) || (id.startsWith('fact-') && FACTS.some((fact) => `fact-${fact.id}` === id))
}

const HOW_MUCH = {
  much: 'It takes a lot, a whole day of it.',
  some: 'A fair bit. Half an hour of it, say.',
  little: 'Next to nothing. A wrong move is enough.',
} as const
const HOW_LONG = { minutes: 'It is gone in a few minutes.', 'half-hour': 'Half an hour, maybe.', longer: 'Hours. Sometimes into the next day.' } as const

/** What they answer, and nothing that was not asked: the second complaint is told by whoever asks for more. */
export function answerStory(patient: SimulatedPatient, question: StoryQuestionId): string {
  const chance = chanceOf(`${patient.case} story ${question}`)
  const [first, second] = patient.symptoms
  if (!first) return 'I could not say.'
  if (question.startsWith('fact-')) {
    const yes = patient.facts[question.slice('fact-'.length) as FactId] === 'yes'
    return yes ? chance.oneOf(['Yes.', 'Yes, it does.', 'That is so, yes.']) : chance.oneOf(['No.', 'No, not really.', 'I would not say so.'])
  }
  switch (question as keyof typeof OPEN) {
    case 'complaint':
      return first.words
    case 'where':
      return `${capital(layPlaces(first.places))}.`
    case 'quality':
      return `It ${layQualities(first.qualities, (words) => chance.oneOf(words))}.`
    case 'other':
      return second
        ? `Well, yes. ${second.words} ${capital(layPlaces(second.places))}. It ${layQualities(second.qualities, (w) => chance.oneOf(w))}; ${second.now ?? 0} now, ${second.worst ?? 0} at worst.`
        : chance.oneOf(['No, that is all.', 'Nothing else.'])
    case 'began':
      return `${capital(patient.began)}.`
    case 'now':
      return first.now === 0 ? 'Nothing, just now. Zero.' : `${first.now ?? 0}, I would say.`
    case 'worst':
      return `${first.worst ?? 0} when it is bad.`
    case 'usual':
      return `Mostly ${first.usual ?? 0}.`
    case 'brings-on':
      return `${capital(first.bringsOn)}.`
    case 'eases':
      return `${capital(first.eases)}.`
    case 'stirred':
      return first.stirring?.stirredBy ? HOW_MUCH[first.stirring.stirredBy] : 'I could not say.'
    case 'settles':
      return first.stirring?.settles ? HOW_LONG[first.stirring.settles] : 'I could not say.'
  }
}

/** What they answer to a question of the safety screen, read out as it stands. */
export function answerScreen(patient: SimulatedPatient, item: string): string {
  const chance = chanceOf(`${patient.case} screen ${item}`)
  const yes = (patient.screen as Readonly<Record<string, 'yes' | 'no'>>)[item] === 'yes'
  if (yes) return chance.oneOf(['Yes.', 'Yes, now that you ask.', 'I did not think it mattered, but yes.', 'A bit, yes.'])
  return patient.manner === 'talkative'
    ? chance.oneOf(['No, thank goodness.', 'No, nothing like that.', 'No, never.'])
    : chance.oneOf(['No.', 'No.', 'Not that I know.'])
}
