'use client'

import { addMonths } from 'date-fns'
import { useEffect, useState } from 'react'
import { type Pooled, together } from '@/core/audit/pool'
import { toldAtDoor } from '@/ui/doors/door'

/** What an audit is asked for. */
export interface Asked {
  /** YYYY-MM-DD; both days belong to it. */
  readonly from: string
  readonly to: string
  readonly region: string
  readonly who: 'me' | 'all'
}

/** How far an audit has come: month after month, each added to those before. */
export interface Came {
  readonly pooled: Pooled | null
  readonly done: number
  readonly of: number
  readonly failed: boolean
}

/** The address of a stretch of an audit. */
export function auditQuery(asked: Asked, from: number, to: number): string {
  return new URLSearchParams({ from: String(from), to: String(to), region: asked.region, who: asked.who }).toString()
}

/** First and last moment of what is asked for, on the clock of this device; null where the days make no stretch. */
export function stretchOf({ from, to }: Pick<Asked, 'from' | 'to'>): readonly [number, number] | null {
  const [begin, end] = [new Date(`${from}T00:00:00`), new Date(`${to}T00:00:00`)]
  if (Number.isNaN(begin.getTime()) || Number.isNaN(end.getTime()) || end < begin) return null
  end.setDate(end.getDate() + 1)
  return [begin.getTime(), end.getTime()]
}

/** Fetches an audit a month at a time, so that it shows how far it has come and can be left. */
export function useAudit(asked: Asked): Came {
  const [came, setCame] = useState<Came & { readonly key: string }>({ key: '', pooled: null, done: 0, of: 1, failed: false })
  const key = JSON.stringify(asked)
  useEffect(() => {
    const wanted = JSON.parse(key) as Asked
    const stretch = stretchOf(wanted)
    if (!stretch) return
    const parts = monthsOf(stretch)
    const stop = new AbortController()
    const run = async () => {
      let pooled: Pooled | null = null
      for (const [done, [from, to]] of parts.entries()) {
        setCame({ key, pooled, done, of: parts.length, failed: false })
        const response = await fetch(`/audit/part?${auditQuery(wanted, from, to)}`, { signal: stop.signal, cache: 'no-store' })
        toldAtDoor(response)
        if (!response.ok) throw new Error('The server did not tell this part.')
        const part = (await response.json()) as Pooled
        pooled = pooled ? together(pooled, part) : part
      }
      setCame({ key, pooled, done: parts.length, of: parts.length, failed: false })
    }
    run().catch(() => {
      if (!stop.signal.aborted) setCame({ key, pooled: null, done: 0, of: parts.length, failed: true })
    })
    return () => stop.abort()
  }, [key])
  return came.key === key ? came : { pooled: null, done: 0, of: 1, failed: false }
}

function monthsOf([from, to]: readonly [number, number]): readonly (readonly [number, number])[] {
  const parts: (readonly [number, number])[] = []
  for (let at = from; at < to; ) {
    const next = Math.min(to, addMonths(at, 1).getTime())
    parts.push([at, next])
    at = next
  }
  return parts
}
