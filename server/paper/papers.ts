import { letterLines } from '../../core/note/letter'
import { momentWords } from '../../core/note/moment-words'
import { noteOf } from '../../core/note/note'
import { versionWords } from '../../core/note/version'
import { summaryOf } from '../../core/note/summary'
import { STAGES } from '../../core/note/section'
import { arranged, type TemplateId } from '../../core/note/template'
import { EDITION } from '../../core/edition'
import type { LetterWritten, SummaryGiven } from '../../core/record/paper-events'
import { editionWords } from '../../core/vocabulary/edition'
import type { Outgoing } from '../../db/queries/outgoing'
import type { Block, Paper } from './paper'

/** Sizes in points: the note is read on two pages, the summary by whoever left the glasses at home. */
const SIZE = { note: 9, letter: 11, summary: 12 }

function about({ title }: Outgoing): string {
  return `${title.name}, number ${title.number}, examined ${title.when}`
}

/** The note in a layout. */
export function notePaper(out: Outgoing, template: TemplateId): Paper {
  const groups = arranged(noteOf(out.assessment, out.title.who, out.title), template)
  const blocks = groups.flatMap(({ title, sections }): readonly Block[] => [
    ...(title === null ? [] : [{ kind: 'title' as const, text: title }]),
    ...sections.flatMap(({ heading, statements, own, id }): readonly Block[] => [
      ...(id === 'who' ? [] : [{ kind: 'heading' as const, text: heading }]),
      ...statements.map(({ text, from }): Block => {
        if ((id === 'short' || id === 'late') && from.some((r) => r.kind === 'gate')) return { kind: 'urgent', text }
        if (text.startsWith(STAGES)) return { kind: 'beside', text }
        return text.startsWith('- ') ? { kind: 'item', text: text.slice(2) } : { kind: 'text', text }
      }),
      ...(own === undefined ? [] : [{ kind: 'own' as const, text: own }]),
    ]),
  ])
  return {
    title: 'Note',
    about: about(out),
    version: `${versionWords(out.assessment.exam, out.title)}.`,
    size: SIZE.note,
    blocks: [{ kind: 'title', text: 'Note of an examination' }, ...blocks],
  }
}

/** A letter as it was kept, line by line. */
export function letterPaper(out: Outgoing, letter: LetterWritten): Paper {
  const blocks = letterLines(letter.text).flatMap(({ as, text }): readonly Block[] => {
    if (as === 'gap') return []
    if (as === 'urgency') return [{ kind: letter.urgency === 'routine' ? 'heading' : 'urgent', text }]
    return [{ kind: as, text }]
  })
  return {
    title: 'Referral letter',
    about: about(out),
    version: `Written ${momentWords(letter.at)} by ${out.names[letter.by] ?? letter.by}${letter.edited ? ', who changed its body by hand' : ''}; ${editionWords(EDITION)}.`,
    size: SIZE.letter,
    blocks,
  }
}

/** Sentences of one part run on, as they are read; what was agreed keeps its lines. */
function joined(blocks: readonly Block[], next: Block): readonly Block[] {
  const last = blocks.at(-1)
  const heading = blocks.findLast((b) => b.kind === 'heading')
  const runsOn = last?.kind === 'text' && next.kind === 'text' && !(heading?.kind === 'heading' && heading.text === 'What we agreed')
  return runsOn ? [...blocks.slice(0, -1), { kind: 'text', text: `${last.text} ${next.text}` }] : [...blocks, next]
}

/** The summary as it was given: its words as they were kept, the movements drawn anew. */
export function summaryPaper(out: Outgoing, given: SummaryGiven): Paper {
  const { movements } = summaryOf(out.assessment, { agreed: given.agreed, figures: given.figures })
  const lines = given.text.split('\n')
  // What was found since it was given stands in no drawing of it.
  const figures = movements.filter(({ says }) => lines.includes(says)).map(({ stage, side, says }) => ({ pose: stage.pose, side, says }))
  const isHeading = (line: string, i: number) => line !== '' && line === line.toUpperCase() && /[A-Z]/.test(line) && (i === 0 || lines[i - 1] === '')
  const drawn = new Set(figures.map((f) => f.says))
  const first = lines.findIndex((line) => drawn.has(line))
  const blocks = lines
    .flatMap((line, i): readonly Block[] => {
      // What stands under a drawing is not said twice; the drawings stand where the first of it was said.
      if (i === first) return [{ kind: 'figures', figures }]
      if (line.trim() === '' || drawn.has(line)) return []
      if (isHeading(line, i)) return [{ kind: 'heading', text: line.charAt(0) + line.slice(1).toLowerCase() }]
      return [line.startsWith('- ') ? { kind: 'item', text: line.slice(2) } : { kind: 'text', text: line }]
    })
    .reduce<readonly Block[]>(joined, [])
  return {
    title: 'What we found',
    about: about(out),
    version: `Given ${momentWords(given.at)} by ${out.names[given.by] ?? given.by}.`,
    size: SIZE.summary,
    onePage: true,
    blocks: [{ kind: 'title', text: `For ${out.title.name}` }, ...blocks],
  }
}
