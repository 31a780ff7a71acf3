'use client'

import { type Remote, wrap } from 'comlink'
import { useState } from 'react'
import { signatureOf } from '@/core/exchange/freeze'
import { useExam } from '@/ui/exam/store'
import type { FreezeApi } from '@/workers/freeze.worker'

let worker: Remote<FreezeApi> | null = null

/**
 * Sign the examination in hand with everything that is read now.
 *
 * The intervals take a second or two, so they are computed beside the page; without workers they are computed in it.
 */
export function useSigning(): { readonly signing: boolean; readonly sign: () => Promise<void> } {
  const { exam, clinic, record } = useExam()
  const [signing, setSigning] = useState(false)
  const sign = async () => {
    setSigning(true)
    try {
      if (typeof Worker === 'undefined') {
        record([signatureOf(exam, clinic)])
        return
      }
      worker ??= wrap<FreezeApi>(new Worker(new URL('../../../../workers/freeze.worker.ts', import.meta.url), { type: 'module' }))
      record([await worker.signatureOf(exam, clinic)])
    } finally {
      setSigning(false)
    }
  }
  return { signing, sign }
}
