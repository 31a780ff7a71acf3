import { useMemo } from 'react'
import type { SignatureProof } from '@/core/note/note'
import { codeOf } from './record-point'
import { useExam } from './store'

/** What vouches for the signature of the examination in hand. A signature that is still on its way has no code yet: the server has not vouched for it. */
export function useSignatureProof(claimed: boolean): SignatureProof {
  const { exam, entries, link } = useExam()
  const delivered = exam.signed !== null && link.waiting === 0
  // A signed record takes addenda behind its signature alone, so its code is computed once.
  return useMemo(() => ({ code: delivered && !claimed ? codeOf(entries()) : null, claimed }), [delivered, claimed, entries])
}
