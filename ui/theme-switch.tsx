'use client'

import { Lamp, Sun } from 'lucide-react'

/** Day or lamp light. Without a choice the device decides; the choice is kept for a year. */
export function ThemeSwitch() {
  const turn = () => {
    const root = document.documentElement
    const dark = root.dataset.theme ? root.dataset.theme === 'lamp' : window.matchMedia('(prefers-color-scheme: dark)').matches
    const next = dark ? 'day' : 'lamp'
    root.dataset.theme = next
    document.cookie = `theme=${next}; path=/; max-age=31536000; samesite=lax`
  }
  return (
    <button
      type="button"
      onClick={turn}
      className="grid size-11 place-items-center rounded-card border border-edge"
      aria-label="Change between day and lamp light"
    >
      <Sun size={18} aria-hidden="true" className="hidden in-data-[theme=lamp]:block" />
      <Lamp size={18} aria-hidden="true" className="in-data-[theme=lamp]:hidden" />
    </button>
  )
}
