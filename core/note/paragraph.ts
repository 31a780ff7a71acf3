import { MOST_REASONS, type Reason } from '../record/reason'
import { SECTION_IDS } from '../vocabulary/note-section'
import { type PartId, SECTION_HEADINGS, type Section } from './section'

/** A part of the note as it is kept: a heading and its sentences, one a line. Reasons and own words are absent in notes signed before they were kept. */
export interface Paragraph {
  readonly heading: string
  readonly lines: readonly string[]
  readonly from?: readonly (readonly Reason[])[]
  readonly own?: string
}

/** A section as a signature keeps it. */
export function paragraphOf({ heading, statements, own }: Section): Paragraph {
  return { heading, lines: statements.map((s) => s.text), from: statements.map((s) => s.from.slice(0, MOST_REASONS)), ...(own !== undefined && { own }) }
}

/** A section as it was kept. What was kept without reasons has none. */
export function sectionOf({ heading, lines, from, own }: Paragraph): Section {
  return {
    id: idOf(heading),
    heading,
    statements: lines.map((text, i) => ({ text, from: from?.[i] ?? [] })),
    ...(own !== undefined && { own }),
  }
}

function idOf(heading: string): PartId {
  return SECTION_IDS.find((id) => SECTION_HEADINGS[id] === heading) ?? 'about'
}

/** Stands before the practitioner's words in a section, so that nobody takes them for generated. */
export const OWN = 'In the practitioner’s words:'

/** The note as plain text, headings in capitals. */
export function plainText(sections: readonly Pick<Section, 'heading' | 'statements' | 'own'>[]): string {
  return sections
    .map(({ heading, statements, own }) =>
      [heading.toUpperCase(), ...statements.map((s) => s.text), ...(own === undefined ? [] : [OWN, ...own.split('\n').map((line) => `  ${line}`)])].join('\n'),
    )
    .join('\n\n')
}
