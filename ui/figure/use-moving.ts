'use client'

import { useEffect, useRef, useState } from 'react'
import type { Figure, Limb } from '@/core/figure/figure'
import { between, type Point } from '@/core/figure/geometry'

/** How long the body takes from one stage to the next, in milliseconds. */
const MOVES_MS = 180

/**
 * The figure on its way from the stage before: limbs and hands go where they are wanted.
 *
 * At once where the two cannot be joined (another view, another hand), or where less motion is asked for.
 */
export function useMoving(wanted: Figure): Figure {
  const [shown, setShown] = useState(wanted)
  const from = useRef(wanted)
  useEffect(() => {
    const before = from.current
    if (before === wanted) return
    from.current = wanted
    const still = typeof window.matchMedia !== 'function' || window.matchMedia('(prefers-reduced-motion: reduce)').matches
    if (still || !joins(before, wanted)) {
      setShown(wanted)
      return
    }
    let frame = 0
    let began: number | null = null
    const move = (now: number) => {
      began ??= now
      const share = Math.min(1, (now - began) / MOVES_MS)
      setShown(share >= 1 ? wanted : mixed(before, wanted, share * (2 - share)))
      if (share < 1) frame = requestAnimationFrame(move)
    }
    frame = requestAnimationFrame(move)
    return () => cancelAnimationFrame(frame)
  }, [wanted])
  return shown
}

/** Is it the same body in the same view, with as many hands? */
function joins(a: Figure, b: Figure): boolean {
  return (
    a.head.seen === b.head.seen &&
    a.hands.length === b.hands.length &&
    a.support.kind === b.support.kind &&
    a.limbs.length === b.limbs.length &&
    a.limbs.every((l, i) => l.id === b.limbs[i]?.id && l.chain.length === b.limbs[i].chain.length)
  )
}

function mixed(a: Figure, b: Figure, share: number): Figure {
  const point = (p: Point, q: Point) => between(p, q, share)
  const limb = (l: Limb, i: number): Limb => ({
    ...l,
    chain: l.chain.map((s, k) => {
      const to = b.limbs[i]?.chain[k] ?? s
      return { at: point(s.at, to.at), half: s.half + (to.half - s.half) * share }
    }),
  })
  return {
    ...b,
    head: {
      ...b.head,
      at: point(a.head.at, b.head.at),
      crown: a.head.crown + (b.head.crown - a.head.crown) * share,
      faces: a.head.faces + (b.head.faces - a.head.faces) * share,
      turn: a.head.turn + (b.head.turn - a.head.turn) * share,
    },
    limbs: a.limbs.map(limb),
    hands: b.hands.map((h, i) => ({ ...h, at: point(a.hands[i]?.at ?? h.at, h.at) })),
  }
}
