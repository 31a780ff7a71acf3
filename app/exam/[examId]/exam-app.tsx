'use client'

import dynamic from 'next/dynamic'
import { type ReactNode, useEffect } from 'react'
import type { NamedPerson } from '@/ui/exam/whose-dialog'
import { Opening } from '@/ui/opening'
import { whenIdle } from '@/ui/when-idle'
import { type Titled, titledFrom } from './titled'

// An examination is computed in its window. All of that comes after the first paint; the server sends the frame and the record.
const loading = () => <Opening words="Opening the examination" />

/** Gives the screens of one examination its record. */
export const ExamRecord = dynamic(() => import('./exam-record').then((m) => m.ExamRecord), { ssr: false, loading })

const SCREENS = {
  story: dynamic(() => import('./story/story-screen').then((m) => m.StoryScreen), { ssr: false, loading }),
  safety: dynamic(() => import('./safety/safety-screen').then((m) => m.SafetyScreen), { ssr: false, loading }),
  bench: dynamic(() => import('./bench/bench-screen').then((m) => m.BenchScreen), { ssr: false, loading }),
} as const

const RecheckScreen = dynamic(() => import('./recheck/recheck-screen').then((m) => m.RecheckScreen), { ssr: false, loading })
const WeighScreen = dynamic(() => import('./weigh/weigh-screen').then((m) => m.WeighScreen), { ssr: false, loading })
const LetterScreen = dynamic(() => import('./letter/letter-screen').then((m) => m.LetterScreen), { ssr: false, loading })
const SummaryScreen = dynamic(() => import('./summary/summary-screen').then((m) => m.SummaryScreen), { ssr: false, loading })
const NoteScreen = dynamic(() => import('./note/note-screen').then((m) => m.NoteScreen), { ssr: false, loading })

/** In the order in which they are gone to. */
const OTHERS: readonly (() => Promise<unknown>)[] = [
  () => import('./bench/bench-screen'),
  () => import('./weigh/weigh-screen'),
  () => import('./recheck/recheck-screen'),
  () => import('./note/note-screen'),
  () => import('./letter/letter-screen'),
  () => import('./story/story-screen'),
  () => import('./safety/safety-screen'),
]

/** The first seconds belong to the screen in hand, in milliseconds: whoever leaves it sooner fetches the other one with that press. */
const FIRST_MS = 3000

/** The other screens come while nobody waits, so that going to one is going there and not loading it. */
function useOtherScreens(): void {
  useEffect(() => {
    let end: () => void = () => undefined
    const timer = setTimeout(() => {
      end = whenIdle(OTHERS)
    }, FIRST_MS)
    return () => {
      clearTimeout(timer)
      end()
    }
  }, [])
}

/** One screen of an examination. */
export function ExamScreen({ screen }: { readonly screen: keyof typeof SCREENS }): ReactNode {
  useOtherScreens()
  const Screen = SCREENS[screen]
  return <Screen />
}

/** Screens that are printed. */
type OnPaper = 'recheck' | 'weigh' | 'note' | 'letter' | 'summary'

/** The screens that name the person, for what leaves them on paper. */
export function TitledScreen({ screen, title }: { readonly screen: OnPaper; readonly title: Titled }): ReactNode {
  useOtherScreens()
  switch (screen) {
    case 'recheck':
      return <RecheckScreen who={title.who} />
    case 'weigh':
      return <WeighScreen who={title.who} />
    case 'letter':
      return <LetterScreen title={title} />
    case 'summary':
      return <SummaryScreen title={title} />
    case 'note':
      return <NoteScreen title={title} />
  }
}

const ON_PAPER: readonly OnPaper[] = ['recheck', 'weigh', 'note', 'letter', 'summary']
const ALL_SCREENS: ReadonlySet<string> = new Set([...Object.keys(SCREENS), ...ON_PAPER])

/** Is this the name of a screen of an examination? */
export function isExamScreen(name: string): boolean {
  return ALL_SCREENS.has(name)
}

interface Kept {
  readonly examId: string
  readonly person: NamedPerson
  readonly who: { readonly id: string; readonly name: string; readonly role: string; readonly demo: boolean }
  readonly title: { readonly who: string; readonly fileName: string; readonly paper?: Titled | undefined }
}

/** A screen of an examination that is opened without the server. */
export function ShellScreen({ exam, screen }: { readonly exam: Kept; readonly screen: string }): ReactNode {
  const onPaper = ON_PAPER.find((one) => one === screen)
  return (
    <ExamRecord examId={exam.examId} who={exam.who} person={exam.person}>
      {onPaper ? (
        <TitledScreen screen={onPaper} title={titledFrom(exam.title, exam.person.name)} />
      ) : (
        <ExamScreen screen={screen === 'story' || screen === 'safety' ? screen : 'bench'} />
      )}
    </ExamRecord>
  )
}
