/** What a symptom feels like, chosen from the words patients use. */
export const QUALITIES = ['shooting', 'burning', 'tingling', 'numb', 'dull', 'aching', 'sharp', 'catching'] as const

/** Complaints of the head that are asked about in the story only; a finding of the upper neck is looked at beside them. */
export const HEAD_QUALITIES = ['headache', 'jaw', 'dizziness'] as const

/** All that a symptom of the story can be like. */
export const STORY_QUALITIES = [...QUALITIES, ...HEAD_QUALITIES] as const

export type Quality = (typeof STORY_QUALITIES)[number]

/** Qualities that a nerve gives. */
export const NEURAL: readonly Quality[] = ['shooting', 'burning', 'tingling', 'numb']
