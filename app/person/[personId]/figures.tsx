'use client'

import { fetched } from '@/ui/fetched'

/** What changed over the visits comes beside the page, with the program that draws it. */
export const EpisodeFigures = fetched(() => import('./episode-figures').then((m) => m.EpisodeFigures), {
  waiting: <p className="mt-4 min-h-96 text-ash">Reading the visits …</p>,
})
