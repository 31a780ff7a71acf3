'use client'

import { fetched } from '@/ui/fetched'

/** Settings that nobody opens the page for: they come after it. */
export const FigureSettings = fetched(() => import('./figure-settings').then((m) => m.FigureSettings), {
  waiting: <div className="mt-6 min-h-dvh" />,
})
