/**
 * What a letter does on the bench while nothing is being confirmed: the same letter whatever the test.
 *
 * Each can have another letter (Settings), and all of them can be switched off; Space, Enter, Esc, ⌫ and a pedal stay.
 */
export const COMMANDS = {
  stretch: { key: 's', words: 'stretch only' },
  other: { key: 'e', words: 'something else' },
  worse: { key: 'd', words: 'more of it, where relief is asked about' },
  'nothing-to-relieve': { key: 'x', words: 'nothing was there to relieve; contact refused' },
  'pain-stopped': { key: 'p', words: 'keep: familiar pain stopped the movement' },
  'rest-usual': { key: 'u', words: 'the rest of a table is usual' },
  'keep-as-is': { key: 'h', words: 'keep a table as it is' },
  angle: { key: 'a', words: 'start the inclinometer, or take its angle' },
  hold: { key: 't', words: 'time the hold' },
  force: { key: 'f', words: 'the simulated force pad' },
  cuff: { key: 'c', words: 'the simulated cuff' },
  lean: { key: 'l', words: 'leans back, where that is watched; at a halt, the referral letter' },
  'end-feel': { key: 'o', words: 'what the end felt like' },
  'pain-order': { key: 'i', words: 'whether pain or resistance came first' },
  technique: { key: 'm', words: 'another technique; then its digit' },
  next: { key: 'n', words: 'the suggested next test' },
  go: { key: 'g', words: 'any test, by any of its names' },
  skip: { key: 'k', words: 'leave the test out; then the reason' },
  warning: { key: 'w', words: 'a warning sign; then its letter' },
  questions: { key: 'j', words: 'a question of the safety screen, whatever is in hand' },
  recheck: { key: 'r', words: 'measure the next comparable sign again; none left: what was treated' },
  rate: { key: 'z', words: 'rate the symptom now' },
  plan: { key: 'q', words: 'how the rest is planned; then its digit' },
  weigh: { key: 'y', words: 'why: to Weigh' },
  pair: { key: 'b', words: 'a bell for the patient, or a phone on the limb' },
  voice: { key: 'v', words: 'voice on or off' },
} as const satisfies Record<string, { readonly key: string; readonly words: string }>

export type Command = keyof typeof COMMANDS

export const COMMAND_IDS = Object.keys(COMMANDS) as readonly Command[]

/** Letters that were chosen here in place of the usual ones. */
export type OwnKeys = Readonly<Partial<Record<Command, string>>>

/** The letter of a command on this device. */
export function letterOf(command: Command, own: OwnKeys): string {
  return own[command] ?? COMMANDS[command].key
}

/** The command a letter stands for on this device; undefined where it stands for none. */
export function commandOf(letter: string, own: OwnKeys): Command | undefined {
  // What was chosen here goes before a letter that the program gave to something since.
  return COMMAND_IDS.find((command) => own[command] === letter) ?? COMMAND_IDS.find((command) => letterOf(command, own) === letter)
}

/** A letter for a command: whoever had it gets the one that falls free, so that none is ever lost. */
export function withLetter(command: Command, letter: string, own: OwnKeys): OwnKeys {
  const had = commandOf(letter, own)
  const falls = letterOf(command, own)
  const next = { ...own, [command]: letter, ...(had && had !== command && { [had]: falls }) }
  return Object.fromEntries(Object.entries(next).filter(([id, key]) => COMMANDS[id as Command].key !== key))
}
