'use client'

import { useState } from 'react'
import { Button } from '../button'
import { anyoneExamining } from '../doors/windows'

/** Offers a new version of the program. It never takes over while an examination is open in any window of this browser. */
export function NewVersion({ take }: { readonly take: () => void }) {
  const [busy, setBusy] = useState(false)
  const ask = async () => {
    if (await anyoneExamining()) setBusy(true)
    else take()
  }
  return (
    <div
      role="status"
      className="fixed bottom-4 left-1/2 z-40 flex max-w-[94vw] -translate-x-1/2 flex-wrap items-center gap-4 rounded-card border border-lantern bg-sheet px-5 py-3"
    >
      <span>{busy ? 'An examination is open in another window: close it first.' : 'A new version of Dust Lantern is here.'}</span>
      <Button onClick={() => void ask()}>{busy ? 'Look again' : 'Use it now'}</Button>
    </div>
  )
}
