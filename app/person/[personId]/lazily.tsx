'use client'

import dynamic from 'next/dynamic'

// Pressed once in many visits: they come after the first paint.
export const ArchiveButton = dynamic(() => import('@/ui/archive-button').then((m) => m.ArchiveButton), { ssr: false })
export const FirstExam = dynamic(() => import('./first-exam').then((m) => m.FirstExam), { ssr: false })
