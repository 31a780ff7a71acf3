'use client'

import { type Remote, wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { Clinic } from '@/core/evidence/knowledge'
import type { Exam } from '@/core/record/exam'
import type { Sensitivity, SensitivityApi } from '@/workers/sensitivity.worker'

let worker: Remote<SensitivityApi> | null = null

function theWorker(): Remote<SensitivityApi> {
  worker ??= wrap<SensitivityApi>(new Worker(new URL('../../workers/sensitivity.worker.ts', import.meta.url), { type: 'module' }))
  return worker
}

/**
 * What the figures hang on, computed beside the page: every finding is turned round once, which takes longer than a frame.
 *
 * @returns null until it is there for exactly this examination
 */
export function useSensitivity(exam: Exam, clinic: Clinic): Sensitivity | null {
  const [known, setKnown] = useState<{ readonly exam: Exam; readonly sensitivity: Sensitivity } | null>(null)
  useEffect(() => {
    let gone = false
    void theWorker()
      .sensitivityOf(exam, clinic)
      .then((sensitivity) => {
        if (!gone) setKnown({ exam, sensitivity })
      })
    return () => {
      gone = true
    }
  }, [exam, clinic])
  return known?.exam === exam ? known.sensitivity : null
}
