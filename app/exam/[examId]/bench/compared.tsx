import { format } from 'date-fns'
import { runWords } from '@/core/change/run-words'
import type { SignRun } from '@/core/change/sign-run'
import type { InHand } from '@/core/bench/in-hand'

/** What the sign in hand is measured against, in words, and whether it is done the same way. */
export function Compared({ sign, inHand }: { readonly sign: SignRun; readonly inHand: InHand }) {
  const other = sign.run.variant !== inHand.variant
  const way = sign.test.variants.find((v) => v.id === sign.run.variant)?.name ?? sign.run.variant
  return (
    <div className="mt-1.5 rounded-card border-l-[6px] border-ash bg-sheet px-3 py-1.5 text-base">
      <p>
        <strong>{inHand.moment > 0 ? 'Before the treatment' : `Baseline, visit ${sign.when.visit}`}</strong>
        {inHand.moment === 0 && <span className="text-ash">, {format(sign.when.at, 'd MMM yyyy')}</span>}: {runWords(sign)}
      </p>
      {other && <p className="font-semibold text-halt">Another technique than then (“{way}”): it will not be comparable.</p>}
    </div>
  )
}
