'use client'

import { fetched } from '@/ui/fetched'

// The whole catalogue comes with it: the person is tried out in the browser.
export const CaseEditor = fetched(() => import('./case-editor').then((m) => m.CaseEditor), { waiting: <p className="mt-4 text-ash">One moment.</p> })
