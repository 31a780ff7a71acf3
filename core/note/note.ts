import type { Assessment } from '../assess'
import { EDITION } from '../edition'
import type { Exam } from '../record/exam'
import type { PaperEvent } from '../record/paper-events'
import { editionWords, isSameEdition } from '../vocabulary/edition'
import { afterSigning } from './after-signing'
import { changeSection } from './change'
import { inShortSection } from './in-short'
import { momentWords } from './moment-words'
import { type Paragraph, paragraphOf, sectionOf } from './paragraph'
import { planSection } from './plan'
import { rulesSection } from './rules'
import { safetySection } from './safety'
import { schoolsSection } from './schools'
import { type Section, type Statement, say, section } from './section'
import { levelSection, sourcesSection } from './sources'
import { STATEMENT } from './statement'
import { storySection } from './story'
import { testsSection } from './tests'

/**
 * The note of an examination: every statement once, with what it rests on. All that leaves an examination is made of these.
 *
 * The practitioner's own words stand apart from what is generated. A signed note is what was signed, word for word, with the addenda
 * behind it; nothing in it is read again.
 *
 * @param who - one line naming person, age and day; names are kept outside the record
 * @param proof - what vouches for the signature
 */
export function noteOf(assessment: Assessment, who: string, proof: SignatureProof = NO_PROOF): readonly Section[] {
  const { signed } = assessment.exam
  return withPerson(signed?.frozen ? signed.frozen.note.map(sectionOf) : generated(assessment), assessment.exam, who, proof)
}

/** The note as today's catalogue, rules and register would write it, whatever was signed. */
export function noteReadAgain(assessment: Assessment, who: string): readonly Section[] {
  return withPerson(generated(assessment), assessment.exam, who, NO_PROOF)
}

/** The note without person and addenda: what a signature keeps. */
export function writtenNote(assessment: Assessment): readonly Paragraph[] {
  return generated(assessment).map(paragraphOf)
}

/** An assessment is never changed in place, and every paper and format is made of the same statements. */
const WRITTEN = new WeakMap<Assessment, readonly Section[]>()

function generated(assessment: Assessment): readonly Section[] {
  const known = WRITTEN.get(assessment)
  if (known) return known
  const written = writeAnew(assessment)
  WRITTEN.set(assessment, written)
  return written
}

function writeAnew(assessment: Assessment): readonly Section[] {
  const { exam } = assessment
  const sections = [
    inShortSection(assessment),
    storySection(exam),
    safetySection(exam),
    testsSection(assessment),
    ...rulesSection(assessment),
    sourcesSection(assessment),
    ...levelSection(assessment),
    ...changeSection(assessment),
    planSection(assessment),
    schoolsSection(exam),
    ...(exam.ownWords.trim()
      ? [
          section(
            'words',
            exam.ownWords
              .trim()
              .split('\n')
              .map((line): Statement => say(line)),
          ),
        ]
      : []),
    section(
      'about',
      [...editionLines(exam), STATEMENT].map((line): Statement => say(line)),
    ),
  ]
  return sections.map((one) => withOwnWords(one, exam))
}

function withOwnWords(one: Section, { sectionWords }: Exam): Section {
  const own = one.id in sectionWords ? (sectionWords as Readonly<Record<string, string>>)[one.id]?.trim() : undefined
  return own ? { ...one, own } : one
}

function withPerson(sections: readonly Section[], exam: Exam, who: string, { code, claimed }: SignatureProof): readonly Section[] {
  const { addenda, signed, papers } = exam
  return [
    { id: 'who', heading: 'Examination', statements: [say(who)] },
    ...afterSigning(exam),
    ...sections,
    ...(signed?.frozen && signed.frozen.edition.catalogue >= SIGNATURE_SINCE
      ? [
          {
            id: 'signature' as const,
            heading: 'Signature',
            statements: [say(claimed ? claimWords(signed) : `Signed ${momentWords(signed.at)} by ${signed.by}.`)],
          },
        ]
      : []),
    ...(signed?.frozen && code !== null ? [{ id: 'check' as const, heading: 'Check code', statements: [say(codeWords(code))] }] : []),
    ...addenda.map(
      (a): Section => ({
        id: 'addendum',
        heading: 'Addendum',
        statements: [...a.text.split('\n'), `Written ${momentWords(a.at)} by ${a.by}.`].map((line): Statement => say(line)),
      }),
    ),
    ...(papers.length > 0 ? [{ id: 'papers' as const, heading: 'Given out', statements: papers.map(paperLine) }] : []),
  ]
}

/** What vouches for a signature beside the record: its check code, or that it came with a file, which only claims it. */
export interface SignatureProof {
  readonly code: string | null
  readonly claimed: boolean
}

const NO_PROOF: SignatureProof = { code: null, claimed: false }

function claimWords({ at, by }: NonNullable<Exam['signed']>): string {
  return `The file this came in says that it was signed ${momentWords(at)} by ${by}. Nobody of this clinic signed it.`
}

function codeWords(code: string): string {
  return `${code}. The clinic can tell from it whether this signed note stands in its records unchanged.`
}

const AGREED = { yes: 'agreed to', no: 'not agreed to', 'not-asked': 'agreement not asked' } as const

function paperLine(paper: PaperEvent): Statement {
  const made = `${momentWords(paper.at)} by ${paper.by}`
  const what =
    paper.type === 'letter-written'
      ? `Referral letter, ${paper.urgency.replace('-', ' ')}${paper.to === '' ? '' : `, to ${paper.to}`}, ${made}; ${AGREED[paper.agreed]}${paper.edited ? '; its body was changed by hand' : ''}.`
      : `Summary for the person, ${made}.${paper.agreed === '' ? '' : ` Agreed: ${paper.agreed.replace(/[.]?$/, '.')}`}`
  return say(what, { kind: 'entry', id: paper.id })
}

/** Notes signed with an earlier edition had no line of signature, and are printed as they were. */
const SIGNATURE_SINCE = 3

/** With what it was read, and whether that is what it was recorded with. */
function editionLines({ edition, signed }: Pick<Exam, 'edition' | 'signed'>): readonly string[] {
  const read = `Read with ${editionWords(EDITION)}.`
  if (signed && !signed.frozen) return [`${read} Signed before readings were kept, so it is read with what stands today.`]
  return isSameEdition(edition, EDITION) ? [read] : [`${read} Recorded with ${editionWords(edition)}.`]
}
