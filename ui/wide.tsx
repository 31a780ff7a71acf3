import type { ReactNode } from 'react'

/** A table that is wider than a small window: it scrolls sideways by itself, by touch and by the arrow keys, and the page does not. */
export function Wide({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div role="region" aria-label={`${label}, scrolls sideways`} tabIndex={0} className="mt-2 min-w-0 max-w-full overflow-x-auto">
      {children}
    </div>
  )
}
