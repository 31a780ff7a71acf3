import { examFrom } from '../../record/exam'
import { SCREEN } from '../../story/screen'
import { placeWords } from '../../vocabulary/body-area'
import { listWords } from '../../vocabulary/sentence'
import type { Attempt } from '../attempt'
import type { SimulatedPatient } from '../simulated-patient'
import type { StoryQuestionId } from '../story-questions'
import type { Moment } from './moment'

/** What every story needs before hands are laid on, and why. */
const NEEDED: readonly { readonly question: StoryQuestionId; readonly why: string }[] = [
  { question: 'where', why: 'What comes on in a test is held against where it is at home.' },
  { question: 'quality', why: 'A nerve and a joint are told apart by what it is like.' },
  { question: 'other', why: 'A second complaint is told by whoever is asked for it.' },
  { question: 'worst', why: 'How irritable it is depends on how bad it gets, how little stirs it up, and how long it stays.' },
  { question: 'stirred', why: 'How irritable it is depends on how bad it gets, how little stirs it up, and how long it stays.' },
  { question: 'settles', why: 'How irritable it is depends on how bad it gets, how little stirs it up, and how long it stays.' },
]

/** Was what matters asked, and written down as it was told? */
export function storyMoments(patient: SimulatedPatient, { events, steps }: Pick<Attempt, 'events' | 'steps'>): readonly Moment[] {
  const firstTest = events.find((e) => e.type === 'test-started')
  const at = firstTest?.at ?? events.at(-1)?.at ?? 0
  const asked = new Set(steps.flatMap((s) => (s.kind === 'story' && s.at <= at ? [s.question] : [])))
  const one = (right: boolean, what: string, why: string, instead: string | null): Moment => ({
    skill: 'story',
    at,
    event: null,
    verdict: right ? 'right' : 'wrong',
    what,
    why,
    instead: right ? null : instead,
  })
  const needed = NEEDED.map(({ question, why }) =>
    one(
      asked.has(question),
      `${QUESTION_WORDS[question] ?? question}: ${asked.has(question) ? 'asked' : 'not asked before the first test'}.`,
      why,
      'Ask it before hands are laid on.',
    ),
  )
  const exam = examFrom(events)
  const told = patient.symptoms.flatMap((s, i) => {
    // What was not asked for was judged above.
    if (i > 0 && !asked.has('other')) return []
    const mine = exam?.symptoms.find((m) => m.places.some((p) => s.places.includes(p)))
    const found = s.places.filter((p) => mine?.places.includes(p)).length
    return [
      one(
        found * 2 >= s.places.length,
        `Complaint ${i + 1} on the chart: ${found} of ${s.places.length} places.`,
        `They feel it in the ${listWords(s.places.map(placeWords))}.`,
        'Paint what they show.',
      ),
    ]
  })
  return [...needed, ...told, ...screenMoments(patient, exam?.screen ?? {}, at)]
}

const QUESTION_WORDS: Readonly<Partial<Record<StoryQuestionId, string>>> = {
  where: 'Where it is',
  quality: 'What it is like',
  other: 'Anything else',
  worst: 'How bad it gets',
  stirred: 'How little stirs it up',
  settles: 'How long it stays',
}

/** Answers of the screen that were written otherwise than they were given, and a yes that nobody asked for. */
function screenMoments(patient: SimulatedPatient, screen: Readonly<Record<string, 'yes' | 'no'>>, at: number): readonly Moment[] {
  return SCREEN.flatMap((group) => group.items).flatMap(({ id, ask }): Moment[] => {
    const truth = patient.screen[id]
    const written = screen[id]
    if (written === undefined) {
      return truth === 'yes'
        ? [
            {
              skill: 'story',
              at,
              event: null,
              verdict: 'wrong',
              what: `Not asked: “${ask}”`,
              why: 'They would have said yes.',
              instead: 'Ask the whole screen of the region, one by one.',
            },
          ]
        : []
    }
    if (written === truth)
      return truth === 'yes' ? [{ skill: 'story', at, event: null, verdict: 'right', what: `Asked, and heard: “${ask}”`, why: 'Yes.', instead: null }] : []
    return [
      {
        skill: 'story',
        at,
        event: null,
        verdict: 'wrong',
        what: `“${ask}” was written down as ${written}.`,
        why: `They said ${truth}.`,
        instead: 'Write down what is said.',
      },
    ]
  })
}
