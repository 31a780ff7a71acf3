import type { Exam } from '../record/exam'
import type { ScreenItemId } from './screen'
import { type Spread, spreadOf } from './spread'

const ASKS: Readonly<Record<Spread, ScreenItemId>> = { saddle: 'saddle-numb', 'both-legs': 'both-legs', 'both-arms': 'both-arms' }

/** Words of a story that ask a question of the screen by themselves. Hints to ask, never an answer. */
const WORDS: readonly (readonly [ScreenItemId, RegExp])[] = [
  ['saddle-numb', /saddle|between (my|the|her|his) legs|private parts|genital|perine/i],
  ['bladder', /bladder|pass(ing)? water|urin|\bwee\b|\bpee/i],
  ['bowel', /bowel|incontinen|soil(ed|ing)/i],
  ['both-legs', /both (legs|calves|feet|thighs|shins)|(legs|feet) (are )?(weak|giv)/i],
  ['both-arms', /both (arms|hands|palms)|all four limbs/i],
  ['neck-shocks', /electric|shocks?\b/i],
  ['clumsy-hands', /clums|drop(s|ping)? (things|cups)|buttons/i],
  ['unsteady', /unstead|off balance|stumbl/i],
  ['dizzy', /dizz|spinning|vertigo|light-?headed/i],
  ['double-vision', /double vision|see(ing)? double/i],
  ['speech', /slurr|speech/i],
  ['swallowing', /swallow/i],
  ['face-numb', /(face|lips?|tongue|mouth)[^.]*(numb|tingl)|(numb|tingl)[^.]*(face|lips?|tongue|mouth)/i],
  ['worst-headache', /worst headache|unlike any/i],
]

/** Questions that the story asks by itself: a saddle, both legs or both arms painted, or such symptoms described; with when they were told. */
export function askedByStory({ symptoms, toldAt }: Pick<Exam, 'symptoms' | 'toldAt'>): ReadonlyMap<ScreenItemId, number> {
  const asked = new Map<ScreenItemId, number>()
  const note = (item: ScreenItemId, at: number) => asked.set(item, Math.max(at, asked.get(item) ?? 0))
  const latest = Math.max(0, ...symptoms.map((s) => toldAt[s.id] ?? 0))
  for (const { id, words, places, qualities } of symptoms) {
    const at = toldAt[id] ?? 0
    if (qualities.includes('dizziness')) note('dizzy', at)
    for (const spread of spreadOf(places)) note(ASKS[spread], at)
    for (const [item, said] of WORDS) if (said.test(words)) note(item, at)
  }
  // Two complaints, one in each leg, are two-sided as well.
  for (const spread of spreadOf(symptoms.flatMap((s) => s.places))) if (!asked.has(ASKS[spread])) note(ASKS[spread], latest)
  return asked
}

/** Was this answered with a no that the story, told later, speaks against? Then it is asked once more. */
export function isToldOtherwise(item: ScreenItemId, exam: Pick<Exam, 'symptoms' | 'toldAt' | 'screen' | 'screenAt'>): boolean {
  return exam.screen[item] === 'no' && (exam.screenAt[item] ?? 0) < (askedByStory(exam).get(item) ?? 0)
}
