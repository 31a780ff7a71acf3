import { OWN } from '../../note/paragraph'
import type { Section } from '../../note/section'
import type { Group } from '../../note/template'
import { printable } from '../../vocabulary/printable'

/** The note as Markdown (CommonMark). Whatever stands in a sentence stays text: no reader makes a heading, a link, a table or HTML of it. */
export function toMarkdown(groups: readonly Group[], title: string): string {
  return `# ${escaped(title)}\n\n${groups.map(groupMarkdown).join('\n\n')}\n`
}

function groupMarkdown({ title, sections }: Group): string {
  const level = title === null ? '##' : '###'
  const body = sections.map((s) => sectionMarkdown(s, level)).join('\n\n')
  return title === null ? body : `## ${escaped(title)}\n\n${body}`
}

function sectionMarkdown({ heading, statements, own }: Section, level: string): string {
  const lines = statements.map(({ text }) => (text.startsWith('- ') ? `- ${escaped(text.slice(2))}` : escaped(text)))
  const words =
    own === undefined
      ? []
      : [
          `*${OWN}*`,
          ...printable(own)
            .split('\n')
            .map((line) => `> ${escaped(line)}`),
        ]
  return [`${level} ${heading}`, '', joined([...lines, ...words])].join('\n')
}

/** Items of one list and lines of one quote stand together; other sentences are paragraphs of their own. */
function joined(lines: readonly string[]): string {
  const kind = (line: string | undefined) => (line?.startsWith('- ') ? 'item' : line?.startsWith('> ') ? 'quote' : 'sentence')
  return lines.map((line, i) => (i === 0 ? line : `${kind(line) !== 'sentence' && kind(line) === kind(lines[i - 1]) ? '\n' : '\n\n'}${line}`)).join('')
}

/** A text in which nothing is taken for markup, wherever it stands in a line. */
export function escaped(text: string): string {
  return printable(text)
    .replaceAll('\n', ' ')
    .trimStart()
    .replace(/[\\`*_{}[\]<>#|~!&$]/g, String.raw`\$&`)
    .replace(/^(\s*)([+-]|\d+[.)])(?=\s|$)/, (_, space: string, mark: string) => `${space}${mark.slice(0, -1)}\\${mark.slice(-1)}`)
    .replace(/^(\s*)(=+|-{2,})/, String.raw`$1\$2`)
}
