'use client'

import { useEffect, useState } from 'react'
import type { Exam } from '@/core/record/exam'
import { restUntil } from '@/core/safety/state'

/** Seconds of rest an irritable person still has before the next provocation; 0 when none is due. */
export function useRest(exam: Exam): number {
  const until = restUntil(exam)
  const [now, setNow] = useState(0)
  useEffect(() => {
    if (until === null) return
    const tell = () => setNow(Date.now())
    const first = setTimeout(tell)
    const timer = setInterval(tell, 1000)
    return () => {
      clearTimeout(first)
      clearInterval(timer)
    }
  }, [until])
  return until === null || now === 0 ? 0 : Math.max(0, Math.ceil((until - now) / 1000))
}
