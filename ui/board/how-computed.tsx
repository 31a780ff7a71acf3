'use client'

import Link from 'next/link'
import type { SourceVerdict } from '@/core/assess'
import type { Interval } from '@/core/evidence/interval'
import { headlineOf, whyItLeads } from '@/core/evidence/headline'
import { percent } from '@/core/note/percent'
import { UNCHECKED } from '@/core/note/statement'
import { sourceKey } from '@/core/standing'
import { sourceTitle } from '@/core/vocabulary/source'
import { Button } from '../button'
import { rungsOf } from '../charts/odds-ladder-layout'
import { Dialog, DialogClose } from '../dialog'
import { figureShown, withoutFigure } from './figure-shown'

interface Props {
  /** Where Weigh lies. */
  readonly weigh: string
  readonly row: SourceVerdict
  readonly interval: Interval | null
  readonly onClose: () => void
}

/** How one figure came about, step by step in words; the drawing of it is on Weigh. */
export function HowComputed({ weigh, row, interval, onClose }: Props) {
  const { weighed } = row
  const title = sourceTitle(row)
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`${title}: how this was computed`} width="w-[46rem]">
      {weighed ? (
        <>
          <table className="mt-4 w-full">
            <caption className="sr-only">Each finding and what it does to the estimate</caption>
            <tbody className="divide-y divide-hair">
              {rungsOf(weighed).map((rung, i) => (
                <tr key={i} className={rung.kind === 'alone' ? 'text-ash' : ''}>
                  <th scope="row" className={`py-1.5 text-left font-normal ${rung.kind === 'alone' ? 'pl-5' : ''}`}>
                    {rung.label}
                  </th>
                  <td className="figures whitespace-nowrap py-1.5 pl-4 text-right">{rung.says}</td>
                  <td className="figures w-24 whitespace-nowrap py-1.5 pl-4 text-right">{rung.kind === 'alone' ? '' : percent(rung.to)}</td>
                </tr>
              ))}
              <tr className="font-semibold">
                <th scope="row" className="py-1.5 text-left">
                  {weighed.contradiction ? 'The evidence disagrees: no estimate leads' : 'Estimate'}
                </th>
                <td />
                <td className="figures py-1.5 pl-4 text-right">{figureShown(weighed, headlineOf(weighed))}</td>
              </tr>
            </tbody>
          </table>
          <p className="mt-3">Pretest: {weighed.prior.why}.</p>
          <p className="mt-1">{whyItLeads(weighed)}</p>
          {interval && !weighed.contradiction && (
            <p className="mt-1">
              With the studies’ sizes and the pretest in doubt it lies between {percent(interval.p05)} and {percent(interval.p95)}.
            </p>
          )}
        </>
      ) : (
        <p className="mt-4">
          {withoutFigure(row) === 'no figure'
            ? 'No published accuracy fits what was found: what supports or opposes it is told, and no figure is made of it.'
            : 'No test done so far says anything about it. It is unknown, and not clear.'}
        </p>
      )}
      <p className="mt-3 text-sm text-ash">{UNCHECKED}</p>
      <div className="mt-4 flex gap-3">
        <Button asChild look="main">
          <Link href={`${weigh}#${encodeURIComponent(sourceKey(row))}`}>All of it on Weigh</Link>
        </Button>
        <DialogClose asChild>
          <Button>Close</Button>
        </DialogClose>
      </div>
    </Dialog>
  )
}
