import { format } from 'date-fns'
import type { Metadata } from 'next'
import Link from 'next/link'
import { practitionerById } from '@/db/queries/practitioners'
import { signatureByCode } from '@/db/queries/signatures'
import { noteOnTrail } from '@/server/auth/asking'
import { page } from '@/server/auth/page'
import { Button } from '@/ui/button'
import { BOX, Field } from '@/ui/field'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'

export const metadata: Metadata = { title: 'Check a signed note' }

/** Whether a signed note that somebody holds stands in the records, by the code on it: for whoever is called about one. */
export default page('/check', ({ who, db, search, visitor, address, now }) => {
  const typed = (search.code ?? '').slice(0, 60)
  const found = typed === '' ? null : signatureByCode(db, typed)
  const signature = found === 'no-code' ? null : found
  if (typed !== '') noteOnTrail({ visitor, address, now }, 'code-checked', signature?.examId ?? '', signature ? 'stands' : 'does not stand')
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-3xl px-6 py-6">
        <ScreenTitle className="text-3xl">Check a signed note</ScreenTitle>
        <p className="mt-2 text-ash">
          Every signed note that was printed or saved carries a check code. It stands for the whole record up to the signature: whoever changes a word of either
          gets another code.
        </p>
        <form method="get" className="mt-5 flex flex-wrap items-end gap-3">
          <Field label="Check code" className="grow" hint="Twenty letters and digits; dashes and spaces may be left out.">
            {(tie) => (
              <input
                {...tie}
                name="code"
                defaultValue={typed}
                autoComplete="off"
                autoCapitalize="characters"
                spellCheck={false}
                autoFocus
                maxLength={60}
                className={BOX}
              />
            )}
          </Field>
          <Button type="submit" look="main" className="mb-6">
            Check
          </Button>
        </form>
        {typed !== '' && (
          <section role="status" className={`mt-4 rounded-card border-2 bg-sheet px-5 py-4 ${signature && !signature.claimed ? 'border-ink' : 'border-halt'}`}>
            {found === 'no-code' ? (
              <>
                <h2 className="text-xl font-semibold">This is no check code</h2>
                <p className="mt-1">A check code has twenty letters and digits in five groups. Look at the paper again, and type all of them.</p>
              </>
            ) : !signature ? (
              <>
                <h2 className="text-xl font-semibold">It does not stand in these records</h2>
                <p className="mt-1">
                  No note that was signed in this clinic has this code. The note was changed, was erased on request, or is of another clinic. Compare the code
                  letter by letter before you say so.
                </p>
              </>
            ) : signature.claimed ? (
              <>
                <h2 className="text-xl font-semibold">It came with a file</h2>
                <p className="mt-1">
                  The examination was imported, and its signature is what the file says. This clinic did not make it and does not vouch for it.
                </p>
              </>
            ) : (
              <>
                <h2 className="text-xl font-semibold">It stands in these records, unchanged</h2>
                <p className="mt-1">
                  Signed {format(signature.at, 'd MMMM yyyy, HH:mm')} by {practitionerById(db, signature.by)?.name ?? signature.by}.
                </p>
                <p className="mt-2">
                  <Link href={`/exam/${signature.examId}/note`} prefetch={false} className="inline-flex min-h-11 items-center underline underline-offset-4">
                    Open it and compare the words
                  </Link>
                </p>
              </>
            )}
          </section>
        )}
      </main>
    </>
  )
})
