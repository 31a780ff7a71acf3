'use client'

import { useMemo } from 'react'
import type { SourceVerdict } from '@/core/assess'
import { percent } from '@/core/note/percent'
import { hingeOf, holdingOf } from '@/core/sensitivity'
import { useExam } from '@/ui/exam/store'

/** The leading source, and whether it leads whatever one thing is changed. */
export function Leading() {
  const { assessment } = useExam()
  const holding = useMemo(() => holdingOf(assessment), [assessment])
  if (!holding.leader) return null
  return (
    <p className="max-w-3xl">
      <strong>{holding.leader}</strong> leads.{' '}
      {holding.holds ? 'It holds: no single finding, and no doubled or halved assumption, would put another source first.' : `That ${holding.words}.`}
    </p>
  )
}

/** The one finding that would move this source most. */
export function HangsOn({ verdict }: { readonly verdict: SourceVerdict }) {
  const { assessment } = useExam()
  const hinge = useMemo(() => hingeOf(assessment, verdict), [assessment, verdict])
  if (!hinge) return null
  return (
    <p className="mt-2 max-w-3xl">
      <strong>Hangs most on {hinge.finding}.</strong> Had it come out the other way, the leading figure would be {percent(hinge.then)} instead of{' '}
      {percent(hinge.now)}.
    </p>
  )
}
