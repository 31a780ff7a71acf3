'use client'

import { format } from 'date-fns'
import { useMemo } from 'react'
import { differencesOf, MOST_DIFFERENCES } from '@/core/exchange/compare-frozen'
import { freeze } from '@/core/exchange/freeze'
import type { ExamSigned } from '@/core/record/event'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { useSigning } from './use-signing'

/**
 * A signature that this person made and that the server could not vouch for: what differs from the note as it stands now, and the way to
 * sign that. It is sealed for whoever made it, so nobody else sees it here.
 */
export function WaitingSignature() {
  const { link, letGo, exam } = useExam()
  const waiting = link.aside.flatMap(({ id, event, why }) => (event.type === 'exam-signed' ? [{ id, event, why }] : []))
  const last = waiting.at(-1)
  if (!last) return null
  const drop = () => void letGo(waiting.map(({ id }) => id))
  return (
    <section aria-labelledby="waiting-signature" className="rounded-card border-2 border-halt bg-sheet px-4 py-3">
      <h2 id="waiting-signature" className="text-lg font-semibold">
        Your signature of {format(last.event.at, 'd MMM, HH:mm')} is not on the record
      </h2>
      <p className="mt-1">{last.why}</p>
      {exam.signed ? (
        <>
          <p className="mt-2 text-ash">The examination has been signed since. What still counts goes into an addendum.</p>
          <Button className="mt-3" onClick={drop}>
            I have read it; let go
          </Button>
        </>
      ) : (
        <SignAgain event={last.event} onSigned={drop} />
      )}
    </section>
  )
}

function SignAgain({ event, onSigned }: { readonly event: ExamSigned; readonly onSigned: () => void }) {
  const { assessment } = useExam()
  const { signing, sign } = useSigning()
  const { frozen } = event
  const differences = useMemo(() => (frozen ? differencesOf(frozen, freeze(assessment, { intervals: false }), { intervals: false }) : []), [frozen, assessment])
  return (
    <>
      {differences.length > 0 ? (
        <div className="mt-2">
          <p className="font-semibold">What you signed, and what stands now:</p>
          <ul className="max-h-60 list-disc overflow-y-auto pl-5">
            {differences.slice(0, MOST_DIFFERENCES).map(({ words }) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
          {differences.length > MOST_DIFFERENCES && <p className="text-ash">And {differences.length - MOST_DIFFERENCES} more.</p>}
        </div>
      ) : (
        <p className="mt-2 text-ash">Its findings, estimates and sentences are the ones that stand now.</p>
      )}
      <Button
        look="main"
        className="mt-3"
        disabled={signing}
        onClick={() =>
          void sign().then((signed) => {
            if (signed) onSigned()
          })
        }
      >
        {signing ? 'Signing' : 'Sign the note as it stands now'}
      </Button>
    </>
  )
}
