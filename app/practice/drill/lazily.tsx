'use client'

import { fetched } from '@/ui/fetched'

// The whole catalogue comes with it.
export const DrillScreen = fetched(() => import('./drill-screen').then((m) => m.DrillScreen), { waiting: <p className="mt-4 text-ash">One moment.</p> })
