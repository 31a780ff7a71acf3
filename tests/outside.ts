import { assess } from '../core/assess'
import { toExamFile } from '../core/exchange/exam-file/to'
import type { FhirSource } from '../core/exchange/fhir/source'
import type { ExportedPerson } from '../core/exchange/person'
import type { Composed } from '../core/record/compose'
import type { ExamEvent } from '../core/record/event'
import type { Exam } from '../core/record/exam'
import { BUTTOCK, NOTHING, own, performed, signed, soreLeg, sorePelvis } from './people'
import { troubledExam } from './troubled-exam'

/** Free texts that other programs take for markup, formulas, commands or ends of lines. */
export const HOSTILE = [
  '=HYPERLINK("http://x.invalid","y")',
  '+1+1',
  '-2+3',
  '@SUM(A1)',
  '\tTAB',
  '<script>alert(1)</script>',
  '<img src=x onerror=alert(1)>',
  '[a](javascript:alert(1)) ![b](http://x.invalid/y.png)',
  '# no heading\n* no item\n> no quote\n| no | table |',
  'a"b\'c,d;e\r\nf',
  '\u202eright to left',
  'BEGIN:VEVENT\nSUMMARY:x\nEND:VEVENT',
  'Łódź Ørsted Ñandú Ελένη Сергей',
  '&lt;b&gt; &amp; &#x41; \\u0041',
  '1. no list\n- no item\n---\n***',
] as const

export const PERSON: ExportedPerson = { id: 'person', number: 101, name: 'Somebody =1+1 <b>', born: '1983-04-11', work: 'bell-founder' }

/** Records of every kind that leave the house. */
export function recordsOfAllKinds(): Readonly<Record<string, Composed>> {
  const raised = soreLeg()
    .test('leg-raise', 'right', [{ said: 'nothing', end: 88 }])
    .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
  const differentiated = performed(raised, 'leg-raise-ankle', 'left', {
    release: { said: 'eased', intensity: 3 },
  })
  const nerves = performed(differentiated, 'neuro-lower', 'left')
  const halted = nerves.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })
  const pelvis = ['thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis().test('sij-distraction', 'none', [BUTTOCK]))
  const skipped = pelvis.then({ type: 'test-skipped', test: 'sacral-thrust', side: 'none', why: '=cmd' })
  const written = skipped.then({ type: 'note-written', text: HOSTILE.join('\n') }).then({ type: 'note-written', text: HOSTILE[5], section: 'tests' })
  const letter = halted.then({ type: 'letter-written', to: HOSTILE[0], urgency: 'emergency', agreed: 'yes', text: HOSTILE.join('\n') })
  const treated = pelvis.then({ type: 'treatment-given', kind: 'manual', region: 'pelvis', side: 'right', words: HOSTILE[6], response: 'better' })
  return {
    begun: sorePelvis(),
    measured: nerves,
    halted,
    letter,
    written,
    treated: treated.test('thigh-thrust', 'right', [NOTHING]),
    signed: signed(written).then({ type: 'addendum-written', text: HOSTILE[7] }),
  }
}

/** Records that were made by chance. */
export function troubledRecords(n: number): readonly Told[] {
  return Array.from({ length: n }, (_, i) => troubledExam(`outside ${i}`, 45))
}

/** An examination with its entries. */
export interface Told {
  readonly exam: Exam
  readonly events: readonly ExamEvent[]
}

export const encode = (text: string) => Buffer.from(text, 'utf8').toString('base64')
export const decode = (base64: string) => (/^[A-Za-z0-9+/]*={0,2}$/.test(base64) ? Buffer.from(base64, 'base64').toString('utf8') : null)

/** What a bundle of this record is made of. */
export function fhirSource({ exam, events }: Told): FhirSource {
  const { name, born, work } = PERSON
  return {
    person: PERSON,
    assessment: assess(exam),
    events,
    file: toExamFile(exam, events, { name, born, work }, exam.openedAt),
    at: exam.openedAt,
    now: exam.openedAt + 86_400_000,
    names: { 'test-author': 'Maren Oake' },
    episodeOpen: true,
    encode,
  }
}
