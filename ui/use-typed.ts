'use client'

import { useEffect, useState } from 'react'

/** What the server said, and to which text. */
export interface TypedAnswer {
  readonly wanted: string
  readonly value: unknown
}

/** Wait after the last letter before the server is asked, in milliseconds. */
const TYPED_MS = 120

/**
 * What the server finds for what is being typed: asked once the typing pauses, and never again for an older text.
 *
 * @returns the last answer with the text it belongs to; null before the first
 */
export function useTyped(wanted: string, url: (needle: string) => string): TypedAnswer | null {
  const [answer, setAnswer] = useState<TypedAnswer | null>(null)
  const needle = wanted.trim().toLowerCase()
  const from = url(encodeURIComponent(needle))
  useEffect(() => {
    if (needle === '') return
    const going = new AbortController()
    const timer = setTimeout(() => {
      fetch(from, { signal: going.signal })
        .then(async (response) => {
          if (response.ok) setAnswer({ wanted: needle, value: (await response.json()) as unknown })
        })
        .catch(() => undefined)
    }, TYPED_MS)
    return () => {
      clearTimeout(timer)
      going.abort()
    }
  }, [needle, from])
  return answer
}
