'use client'

import { type ComponentType, type ReactNode, useEffect, useState } from 'react'

/** A part that could not be fetched is asked for again after so long, in milliseconds; and at once when the network is back. */
const AGAIN_MS = 4000

interface Part<P> {
  readonly Part: ComponentType<P>
}

interface InItsPlace {
  /** Stands there until it has come. */
  readonly waiting?: ReactNode
  /** Stands there while it cannot be fetched; a line at the foot of the window when absent. */
  readonly away?: (again: () => void) => ReactNode
}

/**
 * A part of a page that is fetched when it is first drawn.
 *
 * While the server is away it cannot be: then the page around it stays, says so where the part would be, and asks again by itself. A part
 * that is fetched lazily in the framework's own way would take the whole page with it.
 *
 * @param load - fetches it; asked again after each failure
 */
export function fetched<P extends object>(load: () => Promise<ComponentType<P>>, { waiting = null, away = atTheFoot }: InItsPlace = {}): ComponentType<P> {
  let known: Part<P> | null = null
  return function Fetched(props: P) {
    const [part, setPart] = useState(known)
    const [failed, setFailed] = useState(false)
    const [tries, setTries] = useState(0)
    useEffect(() => {
      if (part) return
      let gone = false
      let timer: ReturnType<typeof setTimeout> | null = null
      const again = () => setTries((n) => n + 1)
      load().then(
        (came) => {
          known = { Part: came }
          if (!gone) setPart(known)
        },
        () => {
          if (gone) return
          setFailed(true)
          timer = setTimeout(again, AGAIN_MS)
        },
      )
      window.addEventListener('online', again)
      return () => {
        gone = true
        if (timer) clearTimeout(timer)
        window.removeEventListener('online', again)
      }
    }, [part, tries])
    if (part) return <part.Part {...props} />
    return failed ? away(() => setTries((n) => n + 1)) : waiting
  }
}

/** Says so, over the page. */
export function atTheFoot(again: () => void): ReactNode {
  return (
    <div
      role="alert"
      className="no-print fixed inset-x-4 bottom-4 z-50 flex flex-wrap items-center gap-4 rounded-card border-2 border-halt bg-sheet p-4 font-sans text-base text-ink"
    >
      <p>
        <strong>This part could not be fetched: the server cannot be reached.</strong> Everything recorded is kept; it opens by itself once the server is back.
      </p>
      <button type="button" onClick={again} className="min-h-11 rounded-card border border-ink px-4 font-semibold">
        Try again
      </button>
    </div>
  )
}
