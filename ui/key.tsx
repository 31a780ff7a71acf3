/** A key to press, drawn small beside what it does. `mute`: drawn only, where the name of what it belongs to stays the word alone. */
export function Key({ children, mute = false }: { readonly children: string; readonly mute?: boolean }) {
  return (
    <kbd
      aria-hidden={mute || undefined}
      className="inline-block min-w-6 rounded border border-hair bg-sheet px-1.5 text-center font-sans text-sm leading-5 text-ink"
    >
      {children}
    </kbd>
  )
}
