const WIDTH = 140

/** A share as a bar; the figure beside it says the same, so it is not read aloud. */
export function Share({ n, of }: { readonly n: number; readonly of: number }) {
  return (
    <svg viewBox={`0 0 ${WIDTH} 10`} width={WIDTH} height={10} aria-hidden="true">
      <rect width={WIDTH} height="10" rx="3" fill="var(--hair)" opacity="0.5" />
      <rect width={of === 0 ? 0 : (WIDTH * n) / of} height="10" rx="3" fill="var(--ash)" />
    </svg>
  )
}
