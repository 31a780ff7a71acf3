import type { Assessment } from '../../assess'
import { nameOfTest } from '../../catalogue/retired'
import { SCREEN } from '../../story/screen'
import type { ExportedPerson } from '../person'
import { measuresOf, notDoneIn, toldBy } from '../told'

/** A cell: a text, a figure, yes or no, or nothing known. */
export type Cell = string | number | boolean | null

/** One column of a table: its name, its unit or kind, and what it says. */
export interface Column {
  readonly name: string
  readonly kind: 'text' | 'code' | 'number' | 'yes/no' | 'moment' | 'day'
  readonly says: string
}

/** One examination to be written: who and what. */
export interface TableSource {
  readonly person: ExportedPerson
  readonly assessment: Assessment
  /** When it began, in milliseconds since 1970. */
  readonly at: number
}

/** A table: what a row is, its columns, and its rows for one examination. */
export interface Table {
  readonly name: string
  readonly row: string
  readonly columns: readonly Column[]
  readonly rowsOf: (source: TableSource) => readonly (readonly Cell[])[]
}

const col = (name: string, kind: Column['kind'], says: string): Column => ({ name, kind, says })

/** First in every table: which examination it is. */
const HEAD: readonly Column[] = [
  col('exam', 'code', 'The examination, a UUID of version 7.'),
  col('person', 'number', 'Number of the person in the clinic; empty where it has none.'),
  col('examined', 'moment', 'When the examination began, ISO 8601 in UTC.'),
  col('visit', 'number', 'Visit of the episode, from 1.'),
  col('read', 'code', '“signed” where it is told as it was signed, “now” where it was read when it was written.'),
]

function head({ person, assessment: { exam }, at }: TableSource): readonly Cell[] {
  return [exam.id, person.number, iso(at), exam.episode?.visit ?? 1, exam.signed?.frozen ? 'signed' : 'now']
}

/** A moment as every program reads it; empty for one that no calendar can name. */
export function iso(at: number): string {
  const date = new Date(at)
  return Number.isNaN(date.getTime()) ? '' : date.toISOString()
}

const test = [
  col('test', 'code', 'The test, by its id in the catalogue.'),
  col('test_name', 'text', 'The test by name.'),
  col('side', 'code', 'The tested side: left, right or none.'),
]

/** Every table, in the order they are written. */
export const TABLES: readonly Table[] = [
  {
    name: 'findings',
    row: 'A result of a test for one side, or a test that was not done.',
    columns: [
      ...HEAD,
      ...test,
      col('about', 'code', 'The side the result speaks about: left or right; empty where the test was not done.'),
      col('variant', 'code', 'The technique.'),
      col('run', 'code', 'The performance, a UUID; empty where the test was not done.'),
      col('result', 'code', 'positive, negative, inconclusive, not-applicable; left-out, withheld or open where it was not done.'),
      col('why', 'text', 'Why the result is what it is.'),
      col('derived', 'code', 'The result derived from what was observed, where the examiner gave another.'),
      col('symptom', 'code', 'The familiar symptom that came on: S1, S2 …'),
      col('places', 'text', 'Where it was felt, places separated by a space.'),
      col('intensity', 'number', 'How strong, 0 to 10.'),
      col('onset', 'number', 'Where the familiar symptom began, in the unit of the stage (degrees where none is named).'),
      col('end', 'number', 'Where the movement ended, in the same unit.'),
      col('onset_stage', 'code', 'The stage at which it came on.'),
      col('checks', 'text', 'What was watched and measured beside it, and things to look at again.'),
    ],
    rowsOf: (source) => [
      ...toldBy(source.assessment).findings.map((f) => [
        ...head(source),
        f.test,
        f.name,
        f.side,
        f.about,
        f.variant,
        f.run,
        f.result,
        f.why,
        f.derived?.result ?? null,
        f.symptom,
        f.places.join(' '),
        f.intensity,
        f.onset ?? null,
        f.end ?? null,
        f.onsetStage,
        f.checks.join(' '),
      ]),
      ...notDoneIn(source.assessment).map((n) => [
        ...head(source),
        n.test,
        n.name,
        n.side,
        ...[null, null, null, n.as, n.why, null, null, null, null, null, null, null, null],
      ]),
    ],
  },
  {
    name: 'measures',
    row: 'A value that was measured or chosen at one stage of one performance.',
    columns: [
      ...HEAD,
      ...test,
      col('run', 'code', 'The performance, a UUID.'),
      col('stage', 'code', 'The stage of the test.'),
      col('stage_name', 'text', 'The stage in words.'),
      col('at', 'moment', 'When it was answered, ISO 8601 in UTC.'),
      col('measure', 'code', 'angle, trial, lowered, force, hold, intensity or cell.'),
      col('which', 'code', 'onset or end of an angle, number of a trial, cell of a table.'),
      col('value', 'number', 'The value, where it is a number.'),
      col('words', 'text', 'The value in words, where it is none.'),
      col('unit', 'code', 'UCUM: deg, N, s, {score}, mm[Hg], cm, 1.'),
      col('from', 'code', '“hand” as read by the examiner or a real device, “simulated” from a stand-in, “picture” from three points on a picture.'),
      col('moment', 'number', 'Moment of the visit: 0 before any treatment, n after treatment n.'),
    ],
    rowsOf: (source) =>
      source.assessment.exam.runs.flatMap((run) =>
        measuresOf(run).map((m) => [
          ...head(source),
          m.test,
          nameOfTest(m.test),
          m.side,
          m.run,
          m.stage,
          m.stageName,
          iso(m.at),
          m.measure,
          m.which,
          m.value,
          m.words,
          m.unit,
          m.from,
          run.moment,
        ]),
      ),
  },
  {
    name: 'rules',
    row: 'A cluster rule for one side.',
    columns: [
      ...HEAD,
      col('rule', 'code', 'The rule, by its id.'),
      col('rule_name', 'text', 'The rule by name.'),
      col('side', 'code', 'left or right.'),
      col('state', 'code', 'met, out-of-reach (cannot be met any more) or open.'),
      col('positives', 'number', 'Items that hold.'),
      col('needs', 'number', 'Items that must still come true to meet it; 0 once decided.'),
      col('words', 'text', 'Where it stands, in words.'),
      col('open', 'text', 'Tests that could still change it, separated by a space.'),
      col('lr', 'number', 'Published likelihood ratio of where it stands; empty where none is known.'),
      col('pretest', 'number', 'Pretest probability, 0 to 1.'),
      col('post_test', 'number', 'Post-test probability by this rule alone, 0 to 1. Figures are unverified.'),
    ],
    rowsOf: (source) =>
      toldBy(source.assessment).rules.map((r) => [
        ...head(source),
        r.id,
        r.name,
        r.side,
        r.state,
        r.positives,
        r.needs,
        r.words,
        r.open.join(' '),
        r.lr,
        r.pretest,
        r.postTest,
      ]),
  },
  {
    name: 'sources',
    row: 'A possible source of pain on one side, with its estimates.',
    columns: [
      ...HEAD,
      col('source', 'code', 'The source, by its id.'),
      col('source_name', 'text', 'The source by name.'),
      col('side', 'code', 'left or right.'),
      col('moved', 'yes/no', 'Whether anything found moved it. Where not, every figure is only the start, and nothing is known.'),
      col('pretest', 'number', 'Pretest probability, 0 to 1.'),
      col('estimate', 'number', 'The estimate that leads, 0 to 1. Figures are unverified.'),
      col('model', 'number', 'By the model that minds correlated tests, 0 to 1.'),
      col('product', 'number', 'As if the tests were independent, 0 to 1.'),
      col('leads', 'code', 'Which of them leads.'),
      col('contradiction', 'yes/no', 'Whether the evidence contradicts itself, so that no figure leads.'),
    ],
    rowsOf: (source) =>
      toldBy(source.assessment).estimates.map((e) => [
        ...head(source),
        e.id,
        e.name,
        e.side,
        e.moved,
        e.prior,
        e.contradiction ? null : (e.estimate ?? e.model),
        e.model,
        e.product,
        e.headline,
        e.contradiction ?? false,
      ]),
  },
  {
    name: 'changes',
    row: 'What became of a comparable sign, against one earlier measurement.',
    columns: [
      ...HEAD,
      ...test,
      col('since', 'code', 'treatment, last-visit or baseline.'),
      col('verdict', 'code', 'better, same, worse or not-comparable.'),
      col('alert', 'code', 'became-positive or lost, where an alert was raised.'),
      col('sentence', 'text', 'The change in words, with its error.'),
    ],
    rowsOf: (source) =>
      (toldBy(source.assessment).changes ?? []).map((c) => [...head(source), c.test, c.name, c.side, c.since, c.verdict, c.alert ?? null, c.sentence]),
  },
  {
    name: 'symptoms',
    row: 'A complaint, as it was told.',
    columns: [
      ...HEAD,
      col('symptom', 'code', 'S1, S2 …'),
      col('words', 'text', 'In the words of the person.'),
      col('places', 'text', 'Places on the body chart, separated by a space.'),
      col('qualities', 'text', 'Qualities, separated by a space.'),
      col('now', 'number', 'How strong at the beginning, 0 to 10; empty where it was not asked.'),
      col('worst', 'number', 'At its worst, 0 to 10.'),
      col('usual', 'number', 'As it usually is, 0 to 10.'),
      col('brings_on', 'text', 'What brings it on.'),
      col('eases', 'text', 'What eases it.'),
    ],
    rowsOf: (source) =>
      source.assessment.exam.symptoms.map((s) => [
        ...head(source),
        s.id,
        s.words,
        s.places.join(' '),
        s.qualities.join(' '),
        s.now,
        s.worst,
        s.usual,
        s.bringsOn,
        s.eases,
      ]),
  },
  {
    name: 'safety',
    row: 'A question of the safety screen.',
    columns: [
      ...HEAD,
      col('group', 'text', 'Group of the screen.'),
      col('item', 'code', 'The question, by its id.'),
      col('question', 'text', 'As it is read aloud.'),
      col('answer', 'code', 'yes, no, or not-asked, which is never a no.'),
    ],
    rowsOf: (source) =>
      SCREEN.flatMap((group) =>
        group.items.map((item) => [...head(source), group.name, item.id, item.ask, source.assessment.exam.screen[item.id] ?? 'not-asked']),
      ),
  },
]
