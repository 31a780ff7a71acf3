'use client'

import { useEffect, useState } from 'react'
import { onAway } from './away'

/** The server is asked how it stands every so often, and sooner while something is wrong, in milliseconds. */
const LOOK_MS = 30_000
const SOON_MS = 4000

interface Words {
  readonly what: string
  readonly do: string
}

const AWAY: Words = {
  what: 'The server cannot be reached.',
  do: 'The examination goes on: what is recorded waits on this device and is sent by itself.',
}

async function look(): Promise<Words | null> {
  try {
    const response = await fetch('/health', { cache: 'no-store' })
    if (response.status === 502 || response.status === 504) return AWAY
    const told = (await response.json()) as Partial<Words>
    return told.what && told.do ? { what: told.what, do: told.do } : null
  } catch {
    return AWAY
  }
}

/** A band over the whole page while the server is away, or its disk takes nothing. Nothing while all is well. */
export function Band() {
  const [words, setWords] = useState<Words | null>(null)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null
    let gone = false
    const again = async () => {
      if (timer) clearTimeout(timer)
      const now = await look()
      if (gone) return
      setWords((before) => (before?.what === now?.what ? before : now))
      timer = setTimeout(() => void again(), now ? SOON_MS : LOOK_MS)
    }
    const soon = () => void again()
    void again()
    const stop = onAway(soon)
    for (const name of ['online', 'offline'] as const) window.addEventListener(name, soon)
    return () => {
      gone = true
      if (timer) clearTimeout(timer)
      stop()
      for (const name of ['online', 'offline'] as const) window.removeEventListener(name, soon)
    }
  }, [])
  const shown = words !== null
  useEffect(() => {
    const root = document.documentElement
    if (shown) root.dataset.band = ''
    else delete root.dataset.band
    return () => {
      delete root.dataset.band
    }
  }, [shown])
  return (
    <div
      role="status"
      className={
        words
          ? 'no-print fixed inset-x-0 top-0 z-40 flex h-(--band) items-center gap-x-3 overflow-hidden border-b-2 border-halt bg-sheet px-4 text-[15px]'
          : 'sr-only'
      }
    >
      {words && (
        <>
          <span className="font-semibold text-halt">{words.what}</span>
          <span className="truncate">{words.do}</span>
        </>
      )}
    </div>
  )
}
