'use client'

import dynamic from 'next/dynamic'
import { Opening } from '@/ui/opening'

// The catalogue comes after the first paint.
const loading = () => <Opening />
// As high as a window, so that nothing below it moves when the list has come.
const loadingList = () => (
  <div className="min-h-dvh">
    <Opening />
  </div>
)

export const TestList = dynamic(() => import('./test-list').then((m) => m.TestList), { ssr: false, loading: loadingList })
export const StageStepper = dynamic(() => import('./[test]/stage-stepper').then((m) => m.StageStepper), { ssr: false, loading })
