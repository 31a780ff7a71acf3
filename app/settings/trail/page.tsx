import type { Metadata } from 'next'
import Link from 'next/link'
import { allAccounts } from '@/db/queries/accounts'
import { page } from '@/server/auth/page'
import { Button } from '@/ui/button'
import { Select } from '@/ui/field'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { TableHead } from '@/ui/table-head'
import { shownLines } from './trail-rows'

export const metadata: Metadata = { title: 'Audit trail' }

const A_PAGE = 100

export default page('/settings/trail', ({ who: reader, search, db }) => {
  const who = search.who === '' ? undefined : search.who
  const before = Number(search.before)
  const sought = { ...(who !== undefined && { who }), ...(Number.isSafeInteger(before) && before > 0 && { before }) }
  const lines = shownLines(db, sought, A_PAGE)
  const last = lines.length === A_PAGE ? lines.at(-1)?.n : undefined
  const whoPart = who === undefined ? '' : `who=${encodeURIComponent(who)}`
  return (
    <>
      <SiteHeader who={reader} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <ScreenTitle className="text-3xl">Audit trail</ScreenTitle>
        <p className="mt-2 max-w-3xl text-ash">
          Who opened which examination and when, who signed in and from where. It is only ever added to, and stands in the clinic’s chain. Screens of one visit
          within ten minutes are one line.
        </p>
        <form method="get" className="mt-4 flex flex-wrap items-end gap-3">
          <label className="min-w-52">
            <span className="mb-1 block text-sm text-ash">Who</span>
            <Select name="who" defaultValue={who ?? ''}>
              <option value="">everybody</option>
              {allAccounts(db).map((account) => (
                <option key={account.id} value={account.id}>
                  {account.name}
                </option>
              ))}
            </Select>
          </label>
          <Button type="submit">Show</Button>
          <Button asChild>
            <a href={`/settings/trail/file${whoPart === '' ? '' : `?${whoPart}`}`} download>
              Save as a table
            </a>
          </Button>
        </form>
        {lines.length === 0 ? (
          <p className="mt-6">Nothing yet.</p>
        ) : (
          <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label="Lines of the trail">
            <table className="w-full text-left">
              <TableHead heads={['When', 'Who', 'What', 'About', 'From']} />
              <tbody>
                {lines.map((line) => (
                  <tr key={line.n} className="border-t border-hair align-top">
                    <td className="figures whitespace-nowrap py-2 pr-4 text-ash">{line.at}</td>
                    <td className="py-2 pr-4">{line.who}</td>
                    <td className="py-2 pr-4">{line.what}</td>
                    <td className="py-2 pr-4">{line.about}</td>
                    <td className="figures py-2 text-ash">{line.address}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        {last !== undefined && (
          <Link
            href={`/settings/trail?${[whoPart, `before=${last}`].filter(Boolean).join('&')}`}
            className="mt-4 inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Earlier
          </Link>
        )}
      </main>
    </>
  )
})
