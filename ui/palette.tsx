'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'

// The catalogue comes with it, so it is fetched when it is first asked for.
const PaletteDialog = dynamic(() => import('./palette-dialog').then((m) => m.PaletteDialog), { ssr: false })

/** Ctrl K or Cmd K on every screen: any screen, test or person by name. */
export function Palette() {
  const [open, setOpen] = useState(false)
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.key.toLowerCase() !== 'k' || !(e.ctrlKey || e.metaKey) || e.altKey || e.shiftKey) return
      e.preventDefault()
      setOpen(true)
    }
    document.addEventListener('keydown', listen)
    return () => document.removeEventListener('keydown', listen)
  }, [])
  return open ? <PaletteDialog onClose={() => setOpen(false)} /> : null
}
