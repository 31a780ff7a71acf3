'use client'

import dynamic from 'next/dynamic'

/** What changed over the visits comes beside the page, with the program that draws it. */
export const EpisodeFigures = dynamic(() => import('./episode-figures').then((m) => m.EpisodeFigures), {
  ssr: false,
  loading: () => <p className="mt-4 min-h-96 text-ash">Reading the visits …</p>,
})
