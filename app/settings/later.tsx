'use client'

import dynamic from 'next/dynamic'

/** Settings that nobody opens the page for: they come after it. */
export const FigureSettings = dynamic(() => import('./figure-settings').then((m) => m.FigureSettings), {
  ssr: false,
  loading: () => <div className="mt-6 min-h-dvh" />,
})
