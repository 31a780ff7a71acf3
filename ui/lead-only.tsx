import type { ReactNode } from 'react'

interface Props {
  readonly who: { readonly role: string }
  readonly children: ReactNode
}

/** Said where somebody reads what only a lead changes. */
export function LeadWords() {
  return <p className="mt-4 rounded-card border border-hair bg-sheet px-4 py-3">These hold for the whole clinic. Whoever leads it changes them.</p>
}

/** What holds for the whole clinic: read by everybody, changed by a lead. */
export function LeadOnly({ who, children }: Props) {
  if (who.role === 'lead') return children
  return (
    <>
      <LeadWords />
      <fieldset disabled className="min-w-0">
        <legend className="sr-only">For the whole clinic, changed by a lead</legend>
        {children}
      </fieldset>
    </>
  )
}
