'use client'

import { useEffect, useState } from 'react'
import type { SymptomId } from '@/core/record/answer'
import type { Exam } from '@/core/record/exam'
import { unsettled } from '@/core/safety/state'

const LOOK_MS = 5000

/** The symptom that a test raised five minutes ago and nobody has rated since; null when there is none. */
export function useSettling(exam: Exam): SymptomId | null {
  const [now, setNow] = useState(0)
  useEffect(() => {
    const tell = () => setNow(Date.now())
    const first = setTimeout(tell)
    const timer = setInterval(tell, LOOK_MS)
    return () => {
      clearTimeout(first)
      clearInterval(timer)
    }
  }, [])
  return now === 0 ? null : unsettled(exam, now)
}
