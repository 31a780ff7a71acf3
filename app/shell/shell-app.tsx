'use client'

import { format } from 'date-fns'
import { useEffect, useState } from 'react'
import { isExamScreen, ShellScreen } from '@/app/exam/[examId]/exam-app'
import { opensByPassword } from '@/ui/device/epochs'
import { deviceSeal } from '@/ui/device/key'
import { keptRecords } from '@/ui/device/records'
import { DoorWatch } from '@/ui/doors/watch'
import { Opening } from '@/ui/opening'
import { readKept, type KeptExam } from './kept-exam'
import { KeptList } from './kept-list'
import { OpenKept } from './open-kept'

type Found =
  | { readonly kind: 'looking' }
  | { readonly kind: 'exam'; readonly exam: KeptExam; readonly screen: string }
  /** Something is kept that the password opens. */
  | { readonly kind: 'sealed' }
  | { readonly kind: 'list'; readonly exams: readonly KeptExam[]; readonly asked: boolean }

/** Which examination and which of its screens an address asks for. */
function askedFor(path: string): { readonly examId: string; readonly screen: string } | null {
  const [, examId, screen] = /^\/exam\/([0-9a-f-]{36})\/(\w+)\/?$/.exec(path) ?? []
  return examId && screen && isExamScreen(screen) ? { examId, screen } : null
}

async function look(): Promise<Found> {
  if ((await deviceSeal()) === null && (await opensByPassword())) return { kind: 'sealed' }
  const kept = (await keptRecords()).flatMap(({ examId, day, record }) => readKept(examId, day, record))
  const asked = askedFor(window.location.pathname)
  const exam = kept.find((one) => one.examId === asked?.examId)
  if (exam && asked) return { kind: 'exam', exam, screen: asked.screen }
  const today = format(new Date(), 'yyyy-MM-dd')
  return { kind: 'list', exams: kept.filter((one) => one.day === today), asked: asked !== null }
}

/** The program without its server: the examination an address asks for, or the ones of today that are kept here. */
export function ShellApp() {
  const [found, setFound] = useState<Found>({ kind: 'looking' })
  useEffect(() => {
    look().then(setFound, () => setFound({ kind: 'list', exams: [], asked: false }))
  }, [])
  if (found.kind === 'looking') return <Opening words="Opening what this device keeps" />
  if (found.kind === 'sealed') return <OpenKept onOpen={() => void look().then(setFound)} />
  if (found.kind === 'list') return <KeptList exams={found.exams} asked={found.asked} />
  const { exam, screen } = found
  return (
    <>
      <ShellScreen exam={exam} screen={screen} />
      <DoorWatch who={exam.who} examining />
    </>
  )
}
