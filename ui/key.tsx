/** A key to press, drawn small beside what it does. */
export function Key({ children }: { readonly children: string }) {
  return <kbd className="inline-block min-w-6 rounded border border-hair bg-sheet px-1.5 text-center font-sans text-sm leading-5 text-ink">{children}</kbd>
}
