'use client'

import { useLetters } from './exam/letters'

interface Props {
  readonly children: string
  /** Drawn only, where the name of what it belongs to stays the word alone. */
  readonly mute?: boolean
}

/** A key to press, drawn small beside what it does. A single character is drawn only where it acts. */
export function Key({ children, mute = false }: Props) {
  const letters = useLetters()
  if (!letters && isCharacter(children)) return null
  return (
    <kbd
      aria-hidden={mute || undefined}
      className="inline-block min-w-6 rounded border border-hair bg-sheet px-1.5 text-center font-sans text-sm leading-5 text-ink"
    >
      {children}
    </kbd>
  )
}

/** What is typed, unlike ⌫ and the arrows, which have names. */
function isCharacter(key: string): boolean {
  return /^[A-Za-z0-9.?[\]]$/.test(key)
}
