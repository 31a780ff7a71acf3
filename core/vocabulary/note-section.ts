/** Sections of the note, in their order. Stored with own words to a section, so names are added to and never changed. */
export const SECTION_IDS = ['short', 'story', 'safety', 'tests', 'rules', 'sources', 'level', 'change', 'plan', 'schools', 'words', 'about'] as const
export type SectionId = (typeof SECTION_IDS)[number]

/** How soon a letter asks that somebody be seen, the soonest first. */
export const LETTER_URGENCIES = ['emergency', 'same-day', 'urgent', 'routine'] as const
export type LetterUrgency = (typeof LETTER_URGENCIES)[number]
