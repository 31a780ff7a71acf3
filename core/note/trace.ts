import type { Finding } from '../findings/finding'
import type { ExamEvent } from '../record/event'
import { entriesBehind, isSameReason, type Reason } from '../record/reason'
import type { PartId, Section, Statement } from './section'

/** One sentence of the note with a name that stays while nothing before it in its section changes: "tests-3". */
export interface Traced {
  readonly id: string
  readonly section: PartId
  readonly text: string
  readonly from: readonly Reason[]
  /** The statement itself, as the layouts of the same note hold it. */
  readonly statement: Statement
}

/** Every sentence of a note. */
export function tracedOf(sections: readonly Section[]): readonly Traced[] {
  return sections.flatMap((section, n) =>
    section.statements.map((statement, i) => ({
      id: `${section.id === 'addendum' ? `addendum-${n}` : section.id}-${i + 1}`,
      section: section.id,
      text: statement.text,
      from: statement.from,
      statement,
    })),
  )
}

/** What stands behind a sentence: entries of the record and findings, and the screen on which they are seen. */
export interface Behind {
  readonly reason: Reason
  readonly entries: readonly ExamEvent[]
  readonly findings: readonly Finding[]
  readonly screen: 'story' | 'safety' | 'bench' | 'weigh' | 'recheck' | 'note'
}

/** Everything behind a sentence, reason by reason. */
export function behind({ from }: Pick<Traced, 'from'>, events: readonly ExamEvent[], findings: readonly Finding[]): readonly Behind[] {
  return from.map((reason) => ({
    reason,
    entries: entriesBehind(reason, events),
    findings: reason.kind === 'run' ? findings.filter((f) => f.run === reason.id) : [],
    screen: SCREEN_OF[reason.kind],
  }))
}

/** The way back: the sentences that rest on a reason. */
export function saidOf(reason: Reason, sentences: readonly Traced[]): readonly Traced[] {
  return sentences.filter(({ from }) => from.some((other) => isSameReason(reason, other)))
}

const SCREEN_OF: Readonly<Record<Reason['kind'], Behind['screen']>> = {
  run: 'bench',
  step: 'bench',
  question: 'safety',
  group: 'safety',
  gate: 'safety',
  warning: 'safety',
  symptom: 'story',
  fact: 'story',
  consent: 'story',
  source: 'weigh',
  rule: 'weigh',
  choice: 'story',
  correction: 'note',
  treatment: 'recheck',
  entry: 'note',
}
