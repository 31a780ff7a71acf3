'use client'

import { usePathname } from 'next/navigation'
import { useState } from 'react'
import { useKeys } from './exam/use-keys'
import { helpFor } from './help-topic'
import { fetched } from './fetched'

// Texts and dialog are fetched when somebody asks for them.
const HelpDialog = fetched(() => import('./help-dialog').then((m) => m.HelpDialog))

/** What this screen is for, its keys and its words: a button in the header, and ? anywhere outside a field. The bench has its own. */
export function Help() {
  const [open, setOpen] = useState(false)
  const topic = helpFor(usePathname())
  useKeys(({ key }) => {
    if (key !== '?' || topic === 'bench') return false
    setOpen(true)
    return true
  }, true)
  if (topic === 'bench') return null
  return (
    <>
      <button
        type="button"
        aria-label="Help with this screen"
        onClick={() => setOpen(true)}
        className="grid size-11 place-items-center rounded-card border border-edge"
      >
        ?
      </button>
      {open && <HelpDialog topic={topic} onClose={() => setOpen(false)} />}
    </>
  )
}
