/** What is practised, and scored apart. */
export const SKILLS = ['safety', 'story', 'reading', 'technique', 'economy', 'calibration', 'conclusion'] as const
export type Skill = (typeof SKILLS)[number]

export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  safety: 'Safety',
  story: 'Story and screen',
  reading: 'Reading the answer',
  technique: 'Technique',
  economy: 'Economy',
  calibration: 'Certainty',
  conclusion: 'Conclusion and next step',
}

/** The same as a column of a table is headed. */
export const SKILL_HEADS: Readonly<Record<Skill, string>> = {
  safety: 'safety',
  story: 'story',
  reading: 'reading',
  technique: 'technique',
  economy: 'economy',
  calibration: 'certainty',
  conclusion: 'conclusion',
}

/** Something that was judged, at the moment it happened. */
export interface Moment {
  readonly skill: Skill
  readonly at: number
  /** The entry of the record it is about; null where it is about something that was not written. */
  readonly event: string | null
  /** `unsafe` fails the attempt. */
  readonly verdict: 'right' | 'wrong' | 'unsafe'
  /** What happened, in one sentence. */
  readonly what: string
  /** Why it was right or wrong: what the person truly had, or what the rule is. */
  readonly why: string
  /** What a careful expert would have done; null where this was it. */
  readonly instead: string | null
}
