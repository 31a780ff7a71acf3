import type { Assessment } from '../assess'
import { EDITION } from '../edition'
import type { Exam } from '../record/exam'
import { editionWords, isSameEdition } from '../vocabulary/edition'
import { changeParagraph } from './change'
import { inShortParagraph } from './in-short'
import type { Paragraph } from './paragraph'
import { safetyParagraph } from './safety'
import { schoolsParagraph } from './schools'
import { sourcesParagraph } from './sources'
import { STATEMENT } from './statement'
import { storyParagraph } from './story'
import { testsParagraph } from './tests'

/**
 * The note of an examination. The practitioner's own words stand apart from what is generated.
 *
 * A signed note is what was signed, word for word, with the addenda behind it; nothing in it is read again.
 *
 * @param who - one line naming person, age and day; names are kept outside the record
 */
export function noteOf(assessment: Assessment, who: string): readonly Paragraph[] {
  const { signed } = assessment.exam
  return withPerson(signed?.frozen ? signed.frozen.note : writtenNote(assessment), assessment.exam, who)
}

/** The note as today's catalogue, rules and register would write it, whatever was signed. */
export function noteReadAgain(assessment: Assessment, who: string): readonly Paragraph[] {
  return withPerson(writtenNote(assessment), assessment.exam, who)
}

/** The note without person and addenda: what a signature keeps. */
export function writtenNote(assessment: Assessment): readonly Paragraph[] {
  const { exam } = assessment
  return [
    inShortParagraph(assessment),
    storyParagraph(exam),
    safetyParagraph(exam),
    schoolsParagraph(exam),
    testsParagraph(assessment),
    sourcesParagraph(assessment),
    ...changeParagraph(assessment),
    ...(exam.ownWords.trim() ? [{ heading: 'Practitioner’s words', lines: exam.ownWords.trim().split('\n') }] : []),
    { heading: 'About this note', lines: [...editionLines(exam), STATEMENT] },
  ]
}

function withPerson(paragraphs: readonly Paragraph[], { addenda, signed }: Pick<Exam, 'addenda' | 'signed'>, who: string): readonly Paragraph[] {
  return [
    { heading: 'Examination', lines: [who] },
    ...paragraphs,
    ...(signed?.frozen && signed.frozen.edition.catalogue >= SIGNATURE_SINCE
      ? [{ heading: 'Signature', lines: [`Signed ${momentWords(signed.at)} by ${signed.by}.`] }]
      : []),
    ...addenda.map((a) => ({ heading: 'Addendum', lines: [...a.text.split('\n'), `Written ${momentWords(a.at)} by ${a.by}.`] })),
  ]
}

/** Notes signed with an earlier edition had no line of signature, and are printed as they were. */
const SIGNATURE_SINCE = 3

/** A moment in words that mean the same everywhere: "2026-11-25, 09:30 UTC". */
function momentWords(at: number): string {
  return `${new Date(at).toISOString().slice(0, 16).replace('T', ', ')} UTC`
}

/** With what it was read, and whether that is what it was recorded with. */
function editionLines({ edition, signed }: Pick<Exam, 'edition' | 'signed'>): readonly string[] {
  const read = `Read with ${editionWords(EDITION)}.`
  if (signed && !signed.frozen) return [`${read} Signed before readings were kept, so it is read with what stands today.`]
  return isSameEdition(edition, EDITION) ? [read] : [`${read} Recorded with ${editionWords(edition)}.`]
}
