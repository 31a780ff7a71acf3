'use client'

import { fetched } from '@/ui/fetched'

// Pressed once in many visits: they come after the first paint.
export const ArchiveButton = fetched(() => import('@/ui/archive-button').then((m) => m.ArchiveButton))
export const EpisodeForms = fetched(() => import('./episode-forms').then((m) => m.EpisodeForms), { waiting: <div className="min-h-11" /> })
export const EraseForm = fetched(() => import('./erase-form').then((m) => m.EraseForm))
export const FirstExam = fetched(() => import('./first-exam').then((m) => m.FirstExam))
export const Withdraw = fetched(() => import('./episode-forms').then((m) => m.Withdraw))
