import type { HelpTopic } from './help-topic'

/** What a screen says of itself. */
export interface HelpText {
  readonly title: string
  /** What it is for, and where one goes from here. */
  readonly purpose: string
  readonly keys: readonly (readonly [readonly string[], string])[]
  readonly words: readonly (readonly [string, string])[]
}

const PRETEST = ['pretest probability', 'How likely a source is before any test, from where the pain is marked and whether the person was referred.'] as const
const ESTIMATE = ['estimate', 'Probability of a source from all answers; rounded to 5 %, since the papers behind it were not checked.'] as const
const LR = ['LR+, LR−', 'How much a positive, or a negative, result changes the odds. Above 1 it raises them, below 1 it lowers them.'] as const
const CORRELATED = [
  'correlated tests',
  'Tests that load one structure agree for that reason alone. They are counted together, or one fact would count several times.',
] as const
const OPEN = ['open, needs 1 more', 'The rule can still be met. “Cannot be met any more”: too many of its tests are negative.'] as const

/** The screens that have help of their own; the bench tells its own keys. */
export const HELP = {
  today: {
    title: 'Today',
    purpose: 'The day’s people. Open one to go on where the examination stands: story, safety questions and consent, bench, weigh, note.',
    keys: [
      [['↑', '↓'], 'choose a person'],
      [['Enter'], 'open the one chosen'],
      [['P'], 'a new person'],
    ],
    words: [],
  },
  story: {
    title: 'Story',
    purpose:
      'What the person came with: each familiar symptom by its number, where it is, what it is like. A test is positive only for a symptom that stands here. Next: the safety questions.',
    keys: [
      [['P'], 'a place by name: “l calf”, “r outer arm to thumb”; Enter marks it'],
      [['W'], 'their own words'],
      [['0', '…', '9', 'T'], 'how strong, in the row that has the focus; T is ten'],
      [['A', '…', 'Z'], 'what it feels like, in its row: the letter beside each word'],
    ],
    words: [['familiar symptom', 'The symptom that the person came with, S1 or S2; only reproducing it makes a test positive.'], PRETEST],
  },
  safety: {
    title: 'Safety',
    purpose:
      'Questions to read aloud, those of the painful region first. What a yes stops or contraindicates stands beside it at once. What was not asked clears nothing.',
    keys: [
      [['Y', 'N'], 'yes, no'],
      [['R'], 'no to the rest of the group, where it may be asked together'],
      [['↑', '↓'], 'another question'],
    ],
    words: [
      ['halt', 'The examination stops, with what to do and how soon.'],
      ['contraindicated', 'Certain tests or techniques may not be started; a reason opens them and stays on the record.'],
      ['caution', 'The test may go on with a changed technique.'],
    ],
  },
  weigh: {
    title: 'Weigh',
    purpose: 'The answer first, what would overturn it and what next. How it was computed is folded below; on paper it is open.',
    keys: [[['Tab', 'Enter'], 'another source; open what is folded']],
    words: [
      ESTIMATE,
      PRETEST,
      LR,
      CORRELATED,
      OPEN,
      ['expected gain', 'How much doubt a test is expected to remove, where 1 is all the doubt of an even chance.'],
    ],
  },
  recheck: {
    title: 'Recheck',
    purpose:
      'The same signs, the same way: what changed beyond measurement error since the treatment, the last visit and the baseline. A sign has one verdict; angles of different tests are never averaged.',
    keys: [
      [['↑', '↓'], 'choose a sign'],
      [['R'], 'measure the chosen sign again, on the bench'],
      [['P'], 'pin it: measured again whatever is proposed'],
      [['D'], 'drop it, or take it back in'],
    ],
    words: [
      ['comparable sign', 'A finding worth measuring again: it speaks for the leading source, has a measure, and stirs up little.'],
      ['baseline', 'The first complete performance of a test, side and technique in this episode, or the one that was pinned.'],
      ['measurement error', 'How far two measurements differ by themselves (MDC95). A smaller change is called the same.'],
    ],
  },
  note: {
    title: 'Note',
    purpose:
      'Written from what was recorded; your own words stand apart, to the whole or to a section. Press a sentence to see what it rests on. A signature keeps it as it is, and addenda can follow.',
    keys: [
      [['↑', '↓'], 'from sentence to sentence'],
      [['Enter'], 'what is behind the sentence'],
      [['L'], 'the referral letter'],
    ],
    words: [ESTIMATE, OPEN],
  },
  letter: {
    title: 'Referral letter',
    purpose: 'Written from the record, urgency first, and yours to change. Kept, it stands with the examination word for word; it can be kept again.',
    keys: [],
    words: [['how soon', 'The urgency of the most urgent halt that stands; you can say another.']],
  },
  summary: {
    title: 'Summary for the person',
    purpose: 'One page in plain words to take home: what was found, what it may and may not mean, what you agreed, and when to seek help.',
    keys: [],
    words: [['telling movement', 'The test that brought the complaint on and says most about the leading source; one or two are drawn.']],
  },
  exchange: {
    title: 'Import and export',
    purpose: 'Many files at once, each taken whole or not at all, with a line on what became of it; and an archive of everything, for moving away.',
    keys: [],
    words: [
      ['archive', 'Exam files, notes, letters, FHIR and tables of everybody, in one file.'],
      ['claims', 'Authors, times and signatures of a file from elsewhere are what the file says, and are marked so.'],
    ],
  },
  library: {
    title: 'Library',
    purpose: 'Every test by any of its names, with its stages, techniques, cautions and published accuracy.',
    keys: [],
    words: [LR, ['low, unverified', 'Recalled with doubt: shown, and never allowed to change an estimate.']],
  },
  practice: {
    title: 'Practice',
    purpose:
      'Simulated people, on the same bench. Take the story by asking, screen, test, read what they show and say, commit. Then every moment is judged, with what was truly there. Nothing of it is kept with real people.',
    keys: [
      [['Q'], 'on Story: the first question that was not asked'],
      [[','], 'put the question in hand; on the bench ask, or look'],
      [[';'], 'the rest of a group of the safety screen'],
      [['+', '−'], 'held on the bench: move or press further, and back'],
      [['1', '…', '6'], 'an answer of a drill'],
    ],
    words: [
      ['case', 'A region and a number. The same number is the same person for everybody.'],
      ['certainty', 'Scored by the Brier score: how far what you said lies from what was, squared. It means something over many cases.'],
      ['unsafe', 'A step that something stood against, known or to be known by asking. One of them fails the case.'],
    ],
  },
  settings: {
    title: 'Settings',
    purpose:
      'How this device is operated, which schools the clinic follows, its own pretest probabilities, accuracies and rules. A lead finds the people who sign in, the audit trail and backups here.',
    keys: [],
    words: [PRETEST, CORRELATED],
  },
  other: { title: 'Help', purpose: 'Today lists the day’s people; an examination goes story, safety, bench, weigh, recheck, note.', keys: [], words: [] },
} as const satisfies Record<Exclude<HelpTopic, 'bench'>, HelpText>
