import { ChevronRight } from 'lucide-react'
import type { ReactNode } from 'react'

/** The line that opens and closes a fold, with the sign that it does. */
export function FoldTitle({ className = '', children }: { readonly className?: string; readonly children: ReactNode }) {
  return (
    <summary className={`flex min-h-11 cursor-pointer items-center gap-2 ${className}`}>
      <ChevronRight size={20} aria-hidden="true" className="no-print shrink-0 text-ash in-open:rotate-90" />
      {children}
    </summary>
  )
}
