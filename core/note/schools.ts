import { CATALOGUE } from '../catalogue'
import { chosenSchools, notFollowed } from '../catalogue/schools'
import type { Exam } from '../record/exam'
import { type Section, say, section } from './section'

const SETTING: Record<Exam['setting'], string> = {
  referred: 'Pretest probabilities: of people who were referred.',
  'first-contact': 'Pretest probabilities: of people at first contact; few figures are known there, most are assumed.',
}

const CHOICE = { kind: 'choice', id: 'choice' } as const

/** Which schools and pretest probabilities this examination follows, so that it can be repeated the same way. */
export function schoolsSection(exam: Pick<Exam, 'schools' | 'setting'>): Section {
  const chosen = chosenSchools(exam).map(({ question, school }) => say(`${question.ask} ${school.name}.`, CHOICE))
  return section('schools', [
    ...(chosen.length === 0
      ? [say('Where practitioners disagree: the default school everywhere.', CHOICE)]
      : [say('Where practitioners disagree, other than the default school:', CHOICE), ...chosen]),
    ...notFollowed(exam, CATALOGUE).map((line) => say(line, CHOICE)),
    say(SETTING[exam.setting], CHOICE),
  ])
}
