'use client'

/** Past what stands before it, to the answers of the bench or to the page: the first thing Tab reaches. */
export function SkipLink({ words = 'Skip to the content' }: { readonly words?: string }) {
  return (
    <a
      href="#content"
      onClick={(e) => {
        e.preventDefault()
        const target = document.querySelector<HTMLElement>('[data-skip-to] button:not(:disabled)') ?? document.querySelector<HTMLElement>('main h1')
        target?.focus()
      }}
      className="sr-only focus:not-sr-only focus:absolute focus:left-2 focus:top-2 focus:z-20 focus:rounded-card focus:bg-sheet focus:px-4 focus:py-3"
    >
      {words}
    </a>
  )
}
