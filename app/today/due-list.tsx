import { format } from 'date-fns'
import type { Due } from '@/db/queries/episodes'

/** People who were asked to come again by today and have not come: a line each, and nothing where nobody is due. */
export function DueList({ due }: { readonly due: readonly Due[] }) {
  if (due.length === 0) return null
  return (
    <section aria-label="Due for a recheck" className="mt-5 rounded-card border-l-[6px] border-lantern bg-sheet px-5 py-2">
      <h2 className="inline font-sans text-base font-semibold">Due for a recheck:</h2>
      <ul className="inline">
        {due.map((one, i) => (
          <li key={`${one.person} ${one.episode}`} className="inline">
            {i > 0 && ', '}{' '}
            <a href={`/person/${one.person}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
              {one.name}
            </a>{' '}
            <span className="text-ash">since {format(new Date(`${one.due}T12:00:00`), 'd MMM')}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
