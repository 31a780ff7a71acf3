import { OWN } from '../../note/paragraph'
import type { Section } from '../../note/section'
import type { Group } from '../../note/template'
import { printable } from '../../vocabulary/printable'

/** The note as plain text: titles of groups underlined, headings in capitals, one sentence a line. */
export function toText(groups: readonly Group[]): string {
  return `${groups.map(groupText).join('\n\n')}\n`
}

function groupText({ title, sections }: Group): string {
  const body = sections.map(sectionText).join('\n\n')
  return title === null ? body : `${title.toUpperCase()}\n${'='.repeat(title.length)}\n\n${body}`
}

function sectionText({ heading, statements, own }: Section): string {
  const words =
    own === undefined
      ? []
      : [
          OWN,
          ...printable(own)
            .split('\n')
            .map((line) => `  ${line}`),
        ]
  return [heading.toUpperCase(), ...statements.map((s) => printable(s.text)), ...words].join('\n')
}
