import type { Assessment } from '../assess'
import type { Paragraph } from './paragraph'
import { safetyParagraph } from './safety'
import { schoolsParagraph } from './schools'
import { sourcesParagraph } from './sources'
import { STATEMENT } from './statement'
import { storyParagraph } from './story'
import { testsParagraph } from './tests'

/**
 * The written note, generated from the record. The practitioner's own words stand apart from it.
 *
 * @param who - one line naming person, age and day; names are kept outside the record
 */
export function noteOf(assessment: Assessment, who: string): readonly Paragraph[] {
  const { exam } = assessment
  return [
    { heading: 'Examination', lines: [who] },
    storyParagraph(exam),
    safetyParagraph(exam),
    schoolsParagraph(exam),
    testsParagraph(assessment),
    sourcesParagraph(assessment),
    ...(exam.ownWords.trim() ? [{ heading: 'Practitioner’s words', lines: exam.ownWords.trim().split('\n') }] : []),
    ...exam.addenda.map((a) => ({ heading: 'Addendum', lines: a.text.split('\n') })),
    { heading: 'About this note', lines: [STATEMENT] },
  ]
}
