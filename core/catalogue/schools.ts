import type { Exam } from '../record/exam'
import type { ExamTest, TestId } from './exam-test'

/** One answer to a question on which practitioners disagree. */
export interface School {
  readonly id: string
  readonly name: string
  /** The way a test is done in this school, by test. A test that was begun keeps its way. */
  readonly variants: Readonly<Partial<Record<TestId, string>>>
  /** Tests this school leaves out of the plan; they stay on call by name. */
  readonly leavesOut: readonly TestId[]
  /** Tests this school plans although the complaint alone would not. */
  readonly adds: readonly TestId[]
}

/** A question on which practitioners disagree. The first school is the default. */
export interface SchoolQuestion {
  readonly id: string
  readonly ask: string
  readonly schools: readonly [School, ...School[]]
  /** What the choice changes, one sentence. */
  readonly changes: string
}

const school = (id: string, name: string, more: Partial<Omit<School, 'id' | 'name'>> = {}): School => ({
  id,
  name,
  variants: {},
  leavesOut: [],
  adds: [],
  ...more,
})

const PELVIC: readonly TestId[] = ['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'sacral-thrust', 'faber']
const ARM: readonly TestId[] = ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3']
const LIGAMENTS: readonly TestId[] = ['upper-neck-shear', 'alar-ligament', 'transverse-ligament']
const each = (tests: readonly TestId[], variant: string): School['variants'] => Object.fromEntries(tests.map((test) => [test, variant]))

/**
 * Every question with its schools.
 *
 * A choice is written into the examination when it is opened, and each performance keeps the way it was done in: changing a
 * school later changes what is planned next, never what was found.
 */
export const SCHOOLS: readonly SchoolQuestion[] = [
  {
    id: 'pelvic-cluster',
    ask: 'Which pelvic cluster?',
    changes: 'The tests that are planned for the pelvis, and the rule that leads.',
    schools: [
      school('five', 'Five: distraction, compression, thigh thrust, Gaenslen, FABER; three or more', { leavesOut: ['sacral-thrust'] }),
      school('six', 'Six results: distraction, compression, thigh thrust, sacral thrust, Gaenslen right and left; three or more', { leavesOut: ['faber'] }),
      school('four', 'Four: distraction, thigh thrust, compression, sacral thrust; two or more, stop at two', { leavesOut: ['gaenslen', 'faber'] }),
      school('five-thrust', 'Five with the sacral thrust in the place of FABER; three or more', { leavesOut: ['faber'] }),
    ],
  },
  {
    id: 'pelvic-force',
    ask: 'How hard and how long is the pelvis loaded?',
    changes: 'The stages, the gauge and the seconds of the six pelvic tests.',
    schools: [
      school('build', 'Build up over about 5 s to 25–30 kg (15 kg for Gaenslen and FABER)'),
      school('graded', 'Graded: light, held up to 30 s, then quick presses; the first familiar pain ends it', { variants: each(PELVIC, 'graded') }),
    ],
  },
  {
    id: 'slump-counts',
    ask: 'What counts in the slump?',
    changes: 'When a slump is read as reproduced.',
    schools: [
      school('eased', 'The familiar symptom that eases when one part is let go'),
      school('any-symptom', 'Any tingling, numbness, burning or shooting; cannot part nerve from muscle', { variants: { slump: 'any-symptom' } }),
    ],
  },
  {
    id: 'slump-order',
    ask: 'In which order is the slump built?',
    changes: 'The order of its stages. Any order is valid if it is repeated the same way.',
    schools: [
      school('trunk-neck-knee-ankle', 'Trunk, neck, knee, ankle'),
      school('neck-first', 'Neck before trunk', { variants: { slump: 'neck-first' } }),
      school('ankle-first', 'Ankle before knee', { variants: { slump: 'ankle-first' } }),
      school('released-at-ankle', 'Let go at the ankle', { variants: { slump: 'released-at-ankle' } }),
    ],
  },
  {
    id: 'slump-who',
    ask: 'Who gets a slump?',
    changes: 'Whether the slump is planned for every spinal complaint.',
    schools: [
      school('everyone', 'Everyone with a spinal complaint, as a baseline'),
      school('to-confirm', 'Only to confirm a leg raise that brought the symptom on', { leavesOut: ['slump'] }),
    ],
  },
  {
    id: 'arm-neck',
    ask: 'ULNT: when does the neck move?',
    changes: 'The order of the stages of ULNT 1 to 3.',
    schools: [
      school('arm-first', 'Arm first, the neck bent away last'),
      school('neck-first', 'The neck placed first, then let go to the middle', { variants: each(ARM, 'neck-first') }),
    ],
  },
  {
    id: 'arm-one-order',
    ask: 'ULNT 1: in which order?',
    changes: 'The order of the stages of ULNT 1.',
    schools: [
      school('elbow-before-wrist', 'Turn out, straighten the elbow, then wrist and fingers'),
      school('elbow-last', 'Turn the palm, wrist and fingers, turn out, the elbow last', { variants: { 'ulnt-1': 'arm-first-elbow-last' } }),
    ],
  },
  {
    id: 'leg-raise',
    ask: 'How is the leg raised?',
    changes: 'The way of the leg raise, and whether it may be compared with earlier ones.',
    schools: [
      school('neutral', 'Hip neutral, the ankle moved at onset'),
      school('inward-bias', 'Hip drawn in and turned in, to bias the nerve', { variants: { 'leg-raise': 'inward-bias' } }),
      school('ankle-preset', 'Ankle bent up before the raise', { variants: { 'leg-raise': 'ankle-preset' } }),
    ],
  },
  {
    id: 'alar',
    ask: 'When is the alar ligament called lax?',
    changes: 'The stages and the reading of the alar test.',
    schools: [
      school('three-positions', 'Only when lax in neutral, slight flexion and slight extension'),
      school('nodded', 'In one nodded position, with side-flexion and rotation', { variants: { 'alar-ligament': 'nodded' } }),
    ],
  },
  {
    id: 'ligaments-who',
    ask: 'Who gets the upper neck ligament tests?',
    changes: 'Whether they are planned. A history that suggests laxity always asks for them first.',
    schools: [
      school('history', 'When the history suggests laxity'),
      school('everyone', 'Everyone, before manual treatment of the neck', { adds: LIGAMENTS }),
      school('history-only', 'Nobody: the history alone decides, and a suspicion is referred'),
    ],
  },
  {
    id: 'facet-load',
    ask: 'How is a lumbar facet loaded?',
    changes: 'The way of the lumbar quadrant, and which loading test is planned.',
    schools: [
      school('active-reach', 'Reaching down the back of the leg'),
      school('overpressure', 'Arms crossed, guided, with overpressure', { variants: { 'lumbar-quadrant': 'overpressure' } }),
      school('prone-lift', 'Leg lifted prone under a lumbar contact', { adds: ['prone-lift-lumbar'], leavesOut: ['lumbar-quadrant'] }),
    ],
  },
  {
    id: 'instability',
    ask: 'How is a loose segment looked for?',
    changes: 'Which instability test is planned.',
    schools: [
      school('on-call', 'Neither unless wanted, by name'),
      school('legs-lifted', 'Prone with the legs lifted', { adds: ['prone-instability'] }),
      school('side-lying-shear', 'Shear on the side at three hip angles, then with the deep muscles on', { adds: ['side-lying-shear'] }),
    ],
  },
  {
    id: 'pelvic-motion',
    ask: 'Are pelvic motion tests done?',
    changes: 'Whether knee lift and landmarks are planned. They never enter a count.',
    schools: [
      school('on-call', 'Only when wanted: their reliability is poor', { leavesOut: ['standing-hip-flexion', 'pelvic-landmarks'] }),
      school('recorded', 'Recorded in everyone with pelvic pain, with low weight', { adds: ['standing-hip-flexion', 'pelvic-landmarks'] }),
    ],
  },
  {
    id: 'outlet-counts',
    ask: 'What counts in the outlet tests?',
    changes: 'When an outlet test is read as reproduced.',
    schools: [
      school('symptom', 'The familiar symptom'),
      school('pulse', 'A changed pulse counts too; it is common in healthy people', {
        variants: { 'arm-pulse-inspiration': 'pulse-alone', 'elevated-arm-stress': 'pulse-difference' },
      }),
    ],
  },
  {
    id: 'neck-thrust',
    ask: 'Pain, without slack, in an upper neck ligament test?',
    changes: 'The advice written beside it. Slack always means no manual treatment of the neck, and referral.',
    schools: [
      school('gentler', 'Gentler mobilisation instead of a high-velocity technique'),
      school('no-hands', 'No manual treatment of the upper cervical spine until it was looked into'),
    ],
  },
]

/** The school chosen for a question in this examination; the default where none was written down. */
export function schoolOf(exam: Pick<Exam, 'schools'>, question: string): School | undefined {
  const asked = SCHOOLS.find((q) => q.id === question)
  return asked?.schools.find((s) => s.id === exam.schools[question]) ?? asked?.schools[0]
}

/** Every school that applies to this examination. */
export function schoolsOf(exam: Pick<Exam, 'schools'>): readonly School[] {
  return chosenBy(exam.schools).apply
}

/** The way this test is done next by the schools chosen; its first one where none says otherwise. */
export function schoolVariant(exam: Pick<Exam, 'schools'>, test: Pick<ExamTest, 'id' | 'variants'>): string {
  const { apply, ways } = chosenBy(exam.schools)
  const known = ways.get(test.variants)
  if (known !== undefined) return known
  const asked = apply.flatMap((s) => s.variants[test.id] ?? [])
  // Of a way that follows all of them, else the first; what is then not followed is told by `notFollowed`.
  const all = asked.length > 1 ? test.variants.find((v) => asked.every((id) => v.id === id || v.honours?.includes(id))) : undefined
  const way = all?.id ?? asked.find((id) => test.variants.some((v) => v.id === id)) ?? test.variants[0]?.id ?? ''
  ways.set(test.variants, way)
  return way
}

interface Chosen {
  readonly apply: readonly School[]
  /** The way of each test that was asked about. */
  readonly ways: WeakMap<ExamTest['variants'], string>
}

/** Choices of different schools for one test that no way of it can follow at once: the one kept, and those left out, in words. */
export function notFollowed(exam: Pick<Exam, 'schools'>, tests: readonly Pick<ExamTest, 'id' | 'name' | 'variants'>[]): readonly string[] {
  return tests.flatMap((test) => {
    const asked = schoolsOf(exam).flatMap((s) => s.variants[test.id] ?? [])
    const kept = test.variants.find((v) => v.id === schoolVariant(exam, test))
    const left = test.variants.filter((v) => v !== kept && asked.includes(v.id) && !kept?.honours?.includes(v.id))
    return kept && left.length > 0
      ? [`${test.name}: “${left.map((v) => v.name).join('”, “')}” cannot be done together with “${kept.name}”, which is followed.`]
      : []
  })
}

/** A choice of schools is never changed in place, and a plan asks for the way of every test several times. */
const CHOSEN = new WeakMap<Exam['schools'], Chosen>()

function chosenBy(schools: Exam['schools']): Chosen {
  const known = CHOSEN.get(schools)
  if (known) return known
  const chosen: Chosen = { apply: SCHOOLS.flatMap((question) => schoolOf({ schools }, question.id) ?? []), ways: new WeakMap() }
  CHOSEN.set(schools, chosen)
  return chosen
}

/** The schools of this examination that are not the default ones, as told in the note. */
export function chosenSchools(exam: Pick<Exam, 'schools'>): readonly { readonly question: SchoolQuestion; readonly school: School }[] {
  return SCHOOLS.flatMap((question) => {
    const own = schoolOf(exam, question.id)
    return own && own !== question.schools[0] ? [{ question, school: own }] : []
  })
}

/** Do these two follow the same school at every question? One that was not chosen is the default. */
export function sameSchools(a: Pick<Exam, 'schools'>, b: Pick<Exam, 'schools'>): boolean {
  return SCHOOLS.every((q) => schoolOf(a, q.id) === schoolOf(b, q.id))
}

/** Is this a school known here? */
export function isSchool(question: string, id: string): boolean {
  return SCHOOLS.some((q) => q.id === question && q.schools.some((s) => s.id === id))
}
