'use client'

import { type Remote, wrap } from 'comlink'
import { useState } from 'react'
import { signatureOf } from '@/core/exchange/freeze'
import { endOf } from '@/ui/exam/record-point'
import { useExam } from '@/ui/exam/store'
import type { FreezeApi } from '@/workers/freeze.worker'

let worker: Remote<FreezeApi> | null = null

/**
 * Sign the examination in hand with everything that is read now, and with the record it was read from: the server computes the same again
 * and signs nothing else.
 *
 * The intervals take a second or two, so they are computed beside the page; without workers they are computed in it.
 */
export function useSigning(): { readonly signing: boolean; readonly sign: () => Promise<boolean> } {
  const { exam, clinic, record, entries } = useExam()
  const [signing, setSigning] = useState(false)
  const sign = async () => {
    setSigning(true)
    try {
      // Of the same moment as the examination that is read.
      const of = endOf(entries())
      if (typeof Worker === 'undefined') return record([{ ...signatureOf(exam, clinic), of }])
      worker ??= wrap<FreezeApi>(new Worker(new URL('../../../../workers/freeze.worker.ts', import.meta.url), { type: 'module' }))
      return record([{ ...(await worker.signatureOf(exam, clinic)), of }])
    } finally {
      setSigning(false)
    }
  }
  return { signing, sign }
}
