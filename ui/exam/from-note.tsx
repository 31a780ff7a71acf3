'use client'

import { CornerUpLeft } from 'lucide-react'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import type { ReasonKind } from '@/core/record/reason'
import { useExam } from './store'

/** The way back to the sentence of the note somebody came from. */
export function FromNote({ examId }: { readonly examId: string }) {
  // Outside the application, as in a test of a screen alone, there is no address.
  const from = (useSearchParams() as ReturnType<typeof useSearchParams> | null)?.get('from') ?? null
  if (from === null || !/^[a-z]+(-\d+){1,2}$/.test(from)) return null
  return (
    <p className="no-print border-b border-hair bg-glow px-4 sm:px-6">
      <Link href={`/exam/${examId}/note?at=${from}`} className="inline-flex min-h-14 items-center gap-2 underline underline-offset-4">
        <CornerUpLeft size={18} aria-hidden="true" /> Back to the sentence in the note
      </Link>
    </p>
  )
}

/** The way to what the note says from something on the record. */
export function InTheNote({ kind, id }: { readonly kind: ReasonKind; readonly id: string }) {
  const { exam } = useExam()
  return (
    <Link
      href={`/exam/${exam.id}/note?about=${encodeURIComponent(`${kind}:${id}`)}`}
      className="no-print inline-flex min-h-11 items-center text-ash underline decoration-hair underline-offset-4"
    >
      In the write-up
    </Link>
  )
}
