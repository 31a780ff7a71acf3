/** What a symptom feels like, chosen from the words patients use. */
export const QUALITIES = ['shooting', 'burning', 'tingling', 'numb', 'dull', 'aching', 'sharp', 'catching'] as const

export type Quality = (typeof QUALITIES)[number]
