'use client'

/** Shown when a page could not be drawn; the record itself is untouched. */
export default function PageProblem({ reset }: { readonly reset: () => void }) {
  return (
    <main className="mx-auto max-w-xl p-10" role="alert">
      <h1 className="text-3xl">This page could not be shown</h1>
      <p className="mt-3 text-ash">Everything recorded is kept. What this window had not sent yet waits in it and is sent when it opens again.</p>
      <button type="button" onClick={reset} className="mt-6 rounded-card border border-edge bg-sheet px-5 py-3 font-semibold">
        Show it again
      </button>
    </main>
  )
}
