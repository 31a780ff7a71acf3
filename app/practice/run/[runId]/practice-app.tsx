'use client'

import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import { Opening } from '@/ui/opening'

const loading = () => <Opening />

/** Everything of a run is drawn in the browser: its person is played there. */
export const PracticeRecord = dynamic(() => import('./practice-record').then((m) => m.PracticeRecord), {
  ssr: false,
  loading: () => <Opening words="The person is coming in" />,
})

const SCREENS = {
  story: dynamic(() => import('@/app/exam/[examId]/story/story-screen').then((m) => m.StoryScreen), { ssr: false, loading }),
  safety: dynamic(() => import('@/app/exam/[examId]/safety/safety-screen').then((m) => m.SafetyScreen), { ssr: false, loading }),
  bench: dynamic(() => import('@/app/exam/[examId]/bench/bench-screen').then((m) => m.BenchScreen), { ssr: false, loading }),
  weigh: dynamic(() => import('@/app/exam/[examId]/weigh/weigh-screen').then((m) => m.WeighScreen), { ssr: false, loading }),
  commit: dynamic(() => import('./commit/commit-screen').then((m) => m.CommitScreen), { ssr: false, loading }),
  replay: dynamic(() => import('./replay/replay-screen').then((m) => m.ReplayScreen), { ssr: false, loading }),
} as const
const AsWeigh = SCREENS.weigh

/** One screen of a practice run: the same bench as everywhere, on a person who is made up. */
export function PracticeScreen({ screen }: { readonly screen: keyof typeof SCREENS }): ReactNode {
  if (screen === 'weigh') return <AsWeigh who="practice" />
  const Screen = SCREENS[screen]
  return <Screen />
}
