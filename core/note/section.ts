import type { Reason } from '../record/reason'
import type { SectionId } from '../vocabulary/note-section'

/** One sentence of the note, and what it rests on. */
export interface Statement {
  readonly text: string
  readonly from: readonly Reason[]
}

/** Headings, as they are written. */
export const SECTION_HEADINGS: Readonly<Record<SectionId, string>> = {
  short: 'In short',
  story: 'Story',
  safety: 'Safety screen',
  tests: 'Tests',
  rules: 'Rules',
  sources: 'Sources',
  level: 'Level',
  change: 'Change',
  plan: 'Plan',
  schools: 'Schools',
  words: 'Practitioner’s words',
  about: 'About this note',
}

/** What stands before and behind the sections: who, the signature, what was added. */
export type PartId = SectionId | 'who' | 'late' | 'signature' | 'check' | 'addendum' | 'papers'

/** A part of the note. */
export interface Section {
  readonly id: PartId
  readonly heading: string
  readonly statements: readonly Statement[]
  /** The practitioner's own words to this section; kept apart from what is generated. */
  readonly own?: string
}

/** Begins a line that tells every stage of a test; a short note leaves it out. */
export const STAGES = 'Stage by stage: '

/** A sentence. */
export function say(text: string, ...from: readonly Reason[]): Statement {
  return { text, from }
}

/** A section under its own heading. */
export function section(id: SectionId, statements: readonly Statement[]): Section {
  return { id, heading: SECTION_HEADINGS[id], statements }
}
