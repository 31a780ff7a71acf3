'use client'

import { useLayoutEffect, useState } from 'react'
import { fetched } from './fetched'

// The catalogue comes with it, so it is fetched when it is first asked for.
const load = () => import('./palette-dialog')
const PaletteDialog = fetched(() => load().then((m) => m.PaletteDialog))

/** The page itself is drawn by then, in milliseconds. */
const LATER_MS = 1500

/** Ctrl K or Cmd K on every screen: screens, tests and people by name. */
export function Palette() {
  const [open, setOpen] = useState(false)
  useLayoutEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.key.toLowerCase() !== 'k' || !(e.ctrlKey || e.metaKey) || e.altKey || e.shiftKey) return
      e.preventDefault()
      setOpen(true)
    }
    document.addEventListener('keydown', listen)
    // It is there by the time anybody asks for it: what is typed after the key must not be lost.
    const timer = setTimeout(() => void load().catch(() => undefined), LATER_MS)
    return () => {
      document.removeEventListener('keydown', listen)
      clearTimeout(timer)
    }
  }, [])
  return open ? <PaletteDialog onClose={() => setOpen(false)} /> : null
}
