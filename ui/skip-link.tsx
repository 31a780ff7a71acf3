'use client'

/** The first thing Tab reaches: past the header to the answers of the bench, or to the page. */
export function SkipLink() {
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
      Skip to the content
    </a>
  )
}
