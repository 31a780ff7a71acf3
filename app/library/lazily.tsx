'use client'

import dynamic from 'next/dynamic'
import { Opening } from '@/ui/opening'

// The catalogue comes after the first paint.
const loading = () => <Opening />

export const TestList = dynamic(() => import('./test-list').then((m) => m.TestList), { ssr: false, loading })
export const StageStepper = dynamic(() => import('./[test]/stage-stepper').then((m) => m.StageStepper), { ssr: false, loading })
