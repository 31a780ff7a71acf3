import { CATALOGUE } from '../catalogue'
import { chosenSchools, notFollowed } from '../catalogue/schools'
import { PLAN_MODES } from '../planner/modes'
import type { Exam } from '../record/exam'
import { inSentence } from '../vocabulary/sentence'
import type { Paragraph } from './paragraph'

const SETTING: Record<Exam['setting'], string> = {
  referred: 'Pretest probabilities: of people who were referred.',
  'first-contact': 'Pretest probabilities: of people at first contact; few figures are known there, most are assumed.',
}

/** Which schools, starting odds and plan this examination follows, so that it can be repeated the same way. */
export function schoolsParagraph(exam: Pick<Exam, 'schools' | 'setting' | 'mode'>): Paragraph {
  const chosen = chosenSchools(exam).map(({ question, school }) => `${question.ask} ${school.name}.`)
  const plan = PLAN_MODES.find((m) => m.id === exam.mode)?.name ?? exam.mode
  return {
    heading: 'Schools',
    lines: [
      ...(chosen.length === 0
        ? ['Where practitioners disagree: the default school everywhere.']
        : ['Where practitioners disagree, other than the default school:', ...chosen]),
      ...notFollowed(exam, CATALOGUE),
      SETTING[exam.setting],
      `Plan: ${inSentence(plan)}.`,
    ],
  }
}
