/** Stands where a screen is about to be, while what it needs arrives. */
export function Opening({ words = 'Opening' }: { readonly words?: string }) {
  return (
    <p role="status" className="min-h-96 px-6 py-5 text-ash">
      {words}
    </p>
  )
}
