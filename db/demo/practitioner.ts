/** The practitioner of the demo clinic. */
export const DEMO_PRACTITIONER = { id: 'maren-oake', name: 'Maren Oake' } as const
