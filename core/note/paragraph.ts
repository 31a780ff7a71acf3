/** A part of the note: a heading and its sentences, one a line. */
export interface Paragraph {
  readonly heading: string
  readonly lines: readonly string[]
}

/** The note as plain text, headings in capitals. */
export function plainText(paragraphs: readonly Paragraph[]): string {
  return paragraphs.map((p) => [p.heading.toUpperCase(), ...p.lines].join('\n')).join('\n\n')
}
