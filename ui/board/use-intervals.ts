'use client'

import { type Remote, wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { Assessment, SourceVerdict } from '@/core/assess'
import { type Interval, intervalInput } from '@/core/evidence/interval'
import type { IntervalApi } from '@/workers/interval.worker'

let worker: Remote<IntervalApi> | null = null
/** Intervals by what they were computed from: the same examination needs no second computation. */
const known = new Map<string, Interval>()

function theWorker(): Remote<IntervalApi> {
  worker ??= wrap<IntervalApi>(new Worker(new URL('../../workers/interval.worker.ts', import.meta.url), { type: 'module' }))
  return worker
}

/**
 * The interval of each lit source, computed beside the page so that no key waits for it.
 *
 * @returns a look-up; null until the interval for exactly these answers is there
 */
export function useIntervals(assessment: Assessment): (row: SourceVerdict) => Interval | null {
  const [, drawn] = useState(0)
  const inputs = assessment.sources.flatMap((row) => {
    const input = row.weighed && intervalInput(row.weighed)
    return input ? [input] : []
  })
  const wanted = JSON.stringify(inputs)
  useEffect(() => {
    let gone = false
    for (const input of JSON.parse(wanted) as typeof inputs) {
      const key = JSON.stringify(input)
      if (known.has(key)) continue
      void theWorker()
        .intervalOf(input)
        .then((interval) => {
          known.set(key, interval)
          if (!gone) drawn((n) => n + 1)
        })
    }
    return () => {
      gone = true
    }
  }, [wanted])
  return (row) => {
    const input = row.weighed && intervalInput(row.weighed)
    return (input && known.get(JSON.stringify(input))) ?? null
  }
}
