'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { type Changes, changesOf, type SignHistory } from '@/core/change/changes'
import { comparableSigns } from '@/core/change/signs'
import { ALERT_WORDS, spanWords } from '@/core/change/told'
import { signKey } from '@/core/record/visit'
import type { SignMark } from '@/core/record/visit-events'
import { useExam } from '@/ui/exam/store'
import { useKeys } from '@/ui/exam/use-keys'
import { Key } from '@/ui/key'
import { ScreenTitle } from '@/ui/screen-title'
import { SignRow } from './sign-row'
import { Treatments } from './treatments'

/** The comparable signs: before and now, with what may be only error, and one verdict each. */
export function RecheckScreen({ who }: { readonly who: string }) {
  const { exam, assessment, record } = useExam()
  const router = useRouter()
  const changes = useMemo(() => changesOf(assessment), [assessment])
  const proposed = useMemo(() => new Map(comparableSigns(assessment).map((sign) => [signKey({ test: sign.test.id, side: sign.side }), sign])), [assessment])
  const dropped = [...proposed.values()].filter((sign) => sign.as === 'dropped')
  const [at, setAt] = useState(0)
  const chosen = changes.signs[Math.min(at, changes.signs.length - 1)]
  const mark = (sign: Pick<SignHistory, 'test' | 'side'>, as: SignMark) => record([{ type: 'sign-marked', test: sign.test, side: sign.side, as }])
  const again = (sign: Pick<SignHistory, 'test' | 'side'>) => router.push(`/exam/${exam.id}/bench#recheck=${sign.test}.${sign.side}`)
  const move = (by: number) => {
    const next = Math.max(0, Math.min(changes.signs.length - 1, at + by))
    setAt(next)
    document.getElementById(`sign-${next}`)?.focus()
  }
  useKeys(({ key }) => {
    if (key === 'arrowdown' || key === 'arrowup') move(key === 'arrowdown' ? 1 : -1)
    else if (!chosen || exam.signed) return false
    else if (key === 'r') again(chosen)
    else if (key === 'p') mark(chosen, proposed.get(chosen.key)?.as === 'pinned' ? 'proposed' : 'pinned')
    else if (key === 'd') mark(chosen, 'dropped')
    else return false
    return true
  }, true)
  return (
    <main className="grid min-h-0 flex-1 grid-cols-1 overflow-y-auto lg:grid-cols-[minmax(0,1fr)_22rem] lg:overflow-hidden print:block print:overflow-visible">
      <div className="min-w-0 px-4 py-5 sm:px-6 lg:overflow-y-auto print:overflow-visible">
        <ScreenTitle className="text-2xl">Recheck</ScreenTitle>
        <p className="hidden print:block">{who}</p>
        <Answer changes={changes} />
        {changes.alerts.map((alert) => (
          <p key={alert.after.run.id} role="alert" className="mt-3 rounded-card border-2 border-halt bg-sheet px-4 py-3 text-halt">
            <strong>Alert.</strong> {alert.sentence} {alert.alert && ALERT_WORDS[alert.alert]}
          </p>
        ))}
        <ul aria-label="Comparable signs" className="mt-4 divide-y divide-hair border-y border-hair">
          {changes.signs.map((sign, i) => (
            <SignRow
              key={sign.key}
              sign={sign}
              proposal={proposed.get(sign.key) ?? null}
              id={`sign-${i}`}
              chosen={i === at}
              onChoose={() => setAt(i)}
              onMark={(as) => mark(sign, as)}
              onAgain={() => again(sign)}
            />
          ))}
        </ul>
        {changes.signs.length === 0 && (
          <p className="mt-4 max-w-2xl text-ash">
            No comparable sign yet. Whatever is positive on the bench is proposed here, the three to five most telling; any test can be pinned once it was done.
          </p>
        )}
        {dropped.length > 0 && (
          <section className="no-print mt-4" aria-label="Dropped">
            <h2 className="font-sans text-base text-ash">Dropped</h2>
            <ul className="flex flex-wrap gap-2">
              {dropped.map((sign) => (
                <li key={`${sign.test.id} ${sign.side}`}>
                  <button
                    type="button"
                    disabled={exam.signed !== null}
                    onClick={() => mark({ test: sign.test.id, side: sign.side }, 'pinned')}
                    className="min-h-11 rounded-card border border-edge px-3"
                  >
                    Take back in: {sign.title}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
        <p className="no-print mt-4 flex flex-wrap gap-2 text-sm text-ash">
          <Key>↑</Key>
          <Key>↓</Key> choose <Key>R</Key> measure again <Key>P</Key> pin <Key>D</Key> drop
        </p>
      </div>
      <Treatments />
    </main>
  )
}

/** The answer first: how many signs did what, and what it was compared over. */
function Answer({ changes }: { readonly changes: Changes }) {
  const told = spanWords(changes)
  if (told.length === 0) {
    const measured = changes.signs.some((sign) => sign.baseline !== null)
    return (
      <p className="mt-1 text-lg text-ash">
        {measured
          ? 'Nothing was measured a second time yet, so nothing is known to have changed.'
          : 'Nothing to compare with yet: the first complete performance of a test becomes its baseline.'}
      </p>
    )
  }
  return (
    <>
      <dl className="mt-2 flex flex-wrap gap-x-10 gap-y-2">
        {told.map(({ since, tally }) => (
          <div key={since}>
            <dt className="text-ash">{since.charAt(0).toUpperCase() + since.slice(1)}</dt>
            <dd className="font-serif text-[22px] leading-tight">
              {tally.better} better, {tally.same} same, <span className={tally.worse > 0 ? 'text-halt' : ''}>{tally.worse} worse</span>
              {tally['not-comparable'] > 0 && <span className="font-sans text-base text-ash"> · {tally['not-comparable']} not comparable</span>}
            </dd>
          </div>
        ))}
      </dl>
      {changes.guard && <p className="mt-2 rounded-card border-l-[6px] border-ash bg-sheet px-3 py-1.5">{changes.guard}</p>}
    </>
  )
}
