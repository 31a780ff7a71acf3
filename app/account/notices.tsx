import { format } from 'date-fns'
import type { Notice } from '@/server/auth/notices'

/** What others did to this account lately: whoever did not ask for it asks the lead. */
export function Notices({ notices }: { readonly notices: readonly Notice[] }) {
  if (notices.length === 0) return null
  return (
    <section role="note" aria-labelledby="notices" className="mt-4 rounded-card border-2 border-lantern bg-sheet px-5 py-3">
      <h2 id="notices" className="text-lg font-semibold">
        Done to your account by others
      </h2>
      <ul className="mt-1">
        {notices.map(({ at, who, what }) => (
          <li key={`${at} ${what}`}>
            <span className="figures mr-3 text-ash">{format(at, 'd MMM, HH:mm')}</span>
            {who} {what}.
          </li>
        ))}
      </ul>
      <p className="mt-1 text-ash">If you did not ask for it, change your password here and ask whoever leads the clinic.</p>
    </section>
  )
}
