'use client'

import { type ReactNode, useEffect, useRef } from 'react'

/** A page was shown in this window before: whoever loads the first one begins at its top, with the link past the header. */
let came = false

/** The heading of a page. Whoever came here by a link or a key is told where they are: the focus goes to it, unless something has it already. */
export function ScreenTitle({ className, children }: { readonly className?: string; readonly children: ReactNode }) {
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    const first = !came
    came = true
    if (first) return
    const has = document.activeElement
    // A link of the page before that is still there, as in the header, does not hold the focus back.
    if (has === null || has === document.body || has.closest('nav a') !== null) heading.current?.focus({ preventScroll: true })
  }, [])
  return (
    <h1 id="content" ref={heading} tabIndex={-1} className={`quiet-focus ${className ?? ''}`}>
      {children}
    </h1>
  )
}
