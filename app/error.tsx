'use client'

import { useEffect, useState } from 'react'

interface Props {
  readonly error: Error
  readonly reset: () => void
}

/** Shown when a page could not be drawn; the record itself is untouched. */
export default function PageProblem({ error, reset }: Props) {
  const [away, setAway] = useState(false)
  // A part of the page that did not arrive stays missing in this window: the page as a whole is asked for anew, once somebody answers.
  const isMissing = /chunk|dynamically imported/i.test(`${error.name} ${error.message}`)
  const again = async () => {
    if (!isMissing) {
      reset()
      return
    }
    try {
      await fetch('/health', { cache: 'no-store' })
      window.location.reload()
    } catch {
      setAway(true)
    }
  }
  useEffect(() => {
    if (!isMissing) return
    const back = () => window.location.reload()
    window.addEventListener('online', back)
    return () => window.removeEventListener('online', back)
  }, [isMissing])
  return (
    <main className="mx-auto max-w-xl p-10" role="alert">
      <h1 className="text-3xl">{isMissing ? 'This page has not arrived' : 'This page could not be shown'}</h1>
      <p className="mt-3 text-ash">
        {isMissing && 'The server cannot be reached, and this device has not kept the page yet. '}
        Everything recorded is kept. What this window had not sent yet waits in it and is sent when it opens again.
      </p>
      {away && <p className="mt-3 font-semibold">The server still cannot be reached. The page opens by itself once it is back.</p>}
      <button type="button" onClick={() => void again()} className="mt-6 rounded-card border border-edge bg-sheet px-5 py-3 font-semibold">
        Show it again
      </button>
    </main>
  )
}
