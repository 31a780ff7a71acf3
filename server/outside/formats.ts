import { strToU8, zipSync } from 'fflate'
import { TABLES } from '../../core/exchange/csv/tables'
import { BYTE_ORDER_MARK, csvDictionary, toCsv } from '../../core/exchange/csv/to'
import { toFhir } from '../../core/exchange/fhir/to'
import { toMarkdown } from '../../core/exchange/markdown/to'
import { toText } from '../../core/exchange/text/to'
import { noteOf } from '../../core/note/note'
import { arranged, type TemplateId } from '../../core/note/template'
import type { Outgoing } from '../../db/queries/outgoing'
import { notePaper } from '../paper/papers'
import type { Paper } from '../paper/paper'

/** Formats an examination is written in. */
export const FORMATS = ['json', 'txt', 'md', 'pdf', 'fhir', 'csv'] as const
export type Format = (typeof FORMATS)[number]

/** A file that was made. */
export interface Made {
  readonly name: string
  readonly type: string
  readonly body: string | Uint8Array
}

/** Turns a paper into a PDF: here, or in a thread beside the server. */
export type Printer = (papers: readonly Paper[]) => Promise<Uint8Array>

export interface MakeWith {
  readonly template: TemplateId
  readonly now: number
  readonly print: Printer
}

/** "101-2026-11-27": names files without naming the person. */
export function stem({ title }: Pick<Outgoing, 'title'>): string {
  return `${title.number}-${title.day}`
}

const encode = (text: string) => Buffer.from(text, 'utf8').toString('base64')

/** The note as text, one examination after the other. */
export function noteTexts(all: readonly Outgoing[], template: TemplateId): string {
  return all.map((out) => toText(arranged(noteOf(out.assessment, out.title.who, out.title), template))).join(`\n${'-'.repeat(72)}\n\n`)
}

/** The note as Markdown, one examination after the other. */
export function noteMarkdown(all: readonly Outgoing[], template: TemplateId): string {
  return all
    .map((out) => toMarkdown(arranged(noteOf(out.assessment, out.title.who, out.title), template), `Note: ${out.title.about}, ${out.title.when}`))
    .join('\n\n')
}

/** One FHIR bundle of one or more examinations; a resource that several share stands in it once. */
export function fhirOf(all: readonly Outgoing[], now: number): string {
  const bundles = all.map((out) => toFhir({ ...out, now, encode }))
  const [first, ...more] = bundles
  if (!first) return ''
  const entries = new Map([first, ...more].flatMap((bundle) => bundle.entry ?? []).map((entry) => [entry.fullUrl, entry]))
  return `${JSON.stringify({ ...first, entry: [...entries.values()] }, null, 2)}\n`
}

/** Every table of these examinations and the dictionary beside them, by file name. */
export function tablesOf(all: readonly Outgoing[]): Readonly<Record<string, string>> {
  return {
    ...Object.fromEntries(TABLES.map((table) => [`${table.name}.csv`, BYTE_ORDER_MARK + toCsv(table, all)])),
    'dictionary.csv': BYTE_ORDER_MARK + csvDictionary(),
  }
}

/** One examination, or several of one person, in a format. Tables come as one archive. */
export async function inFormat(all: readonly Outgoing[], format: Format, { template, now, print }: MakeWith): Promise<Made> {
  const name = all.length === 1 && all[0] ? stem(all[0]) : String(all[0]?.title.number ?? '')
  switch (format) {
    case 'json':
      return {
        name: `exam-${name}.json`,
        type: 'application/json',
        body: `${JSON.stringify(all.length === 1 ? all[0]?.file : all.map((o) => o.file), null, 2)}\n`,
      }
    case 'txt':
      return { name: `note-${name}.txt`, type: 'text/plain; charset=utf-8', body: noteTexts(all, template) }
    case 'md':
      return { name: `note-${name}.md`, type: 'text/markdown; charset=utf-8', body: noteMarkdown(all, template) }
    case 'pdf':
      return { name: `note-${name}.pdf`, type: 'application/pdf', body: await print(all.map((out) => notePaper(out, template))) }
    case 'fhir':
      return { name: `fhir-${name}.json`, type: 'application/fhir+json', body: fhirOf(all, now) }
    case 'csv': {
      const files = Object.entries(tablesOf(all)).map(([file, text]) => [file, strToU8(text)] as const)
      return {
        name: `tables-${name}.zip`,
        type: 'application/zip',
        body: zipSync(Object.fromEntries(files), { mtime: new Date(Math.max(now, Date.UTC(1980, 0, 2))) }),
      }
    }
  }
}
