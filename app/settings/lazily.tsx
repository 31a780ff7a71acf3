'use client'

import dynamic from 'next/dynamic'
import { Opening } from '@/ui/opening'

// The catalogue, the register and the rules are large, and each of these screens needs one of them: they come after the first paint.
const loading = () => <Opening whole />

export const SchoolsSettings = dynamic(() => import('./schools-settings').then((m) => m.SchoolsSettings), { ssr: false, loading })
export const PretestSettings = dynamic(() => import('./pretest-settings').then((m) => m.PretestSettings), { ssr: false, loading })
export const TurnsSettings = dynamic(() => import('./turns-settings').then((m) => m.TurnsSettings), { ssr: false, loading })
export const NoteSettings = dynamic(() => import('./note-settings').then((m) => m.NoteSettings), { ssr: false, loading })
export const RegisterTable = dynamic(() => import('./evidence/register-table').then((m) => m.RegisterTable), { ssr: false, loading })
export const RulesDesk = dynamic(() => import('./rules/rules-desk').then((m) => m.RulesDesk), { ssr: false, loading })
