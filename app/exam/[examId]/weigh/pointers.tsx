import type { SourceVerdict } from '@/core/assess'
import { testById } from '@/core/catalogue'

/** Findings without a published figure: for and against, with their reasons. They never change an estimate. */
export function Pointers({ verdict }: { readonly verdict: SourceVerdict }) {
  if (verdict.pointers.length === 0) return null
  return (
    <section aria-label="Pointers">
      <h3 className="text-xl">Pointers, without an estimate</h3>
      <ul className="mt-2 space-y-2">
        {verdict.pointers.map((p) => (
          <li key={`${p.test} ${p.why}`}>
            <strong>
              {testById(p.test)?.name ?? 'The story'}: {p.direction === 'for' ? 'supports it' : 'opposes it'}
            </strong>
            <span className="block text-ash">{p.why}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
