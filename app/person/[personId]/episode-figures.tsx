'use client'

import { format } from 'date-fns'
import { useEffect, useState } from 'react'
import type { SeriesPoint } from '@/core/change/series'
import { TREATMENT_WORDS } from '@/core/note/treatment-words'
import { toldAtDoor } from '@/ui/doors/door'
import { ChartGrid, type Figures } from './chart-grid'

const day = (at: number) => (Number.isNaN(new Date(at).getTime()) ? 'no date' : format(at, 'd MMM yyyy'))

interface Props {
  readonly personId: string
  readonly episode: string
}

/** What changed over the visits, drawn and as a table. It comes beside the page, which stands at once. */
export function EpisodeFigures({ personId, episode }: Props) {
  const [figures, setFigures] = useState<Figures | 'failed' | null>(null)
  useEffect(() => {
    const stop = new AbortController()
    const read = async () => {
      const response = await fetch(`/person/${personId}/figures?episode=${episode}`, { signal: stop.signal, cache: 'no-store' })
      toldAtDoor(response)
      if (!response.ok) throw new Error('The server did not tell the figures.')
      setFigures((await response.json()) as Figures)
    }
    read().catch(() => {
      if (!stop.signal.aborted) setFigures('failed')
    })
    return () => stop.abort()
  }, [personId, episode])
  if (figures === 'failed') {
    return (
      <p role="alert" className="mt-4 text-halt">
        The server did not answer, so what changed over the visits is not shown. Reload the page to try again.
      </p>
    )
  }
  if (figures === null) return <p className={`${ROOM} mt-4 text-ash`}>Reading the visits …</p>
  const { visits, signs, symptoms, span, treated } = figures
  const drawn = visits.length > 1 ? symptoms : []
  return (
    <>
      {(signs.length > 0 || drawn.length > 0) && <ChartGrid signs={signs} symptoms={drawn} span={span} treated={treated} />}
      {signs.length > 0 && (
        <p className="mt-2 text-sm text-ash">
          Ring: the baseline; grain: measurement error around it. Triangle up better, down worse, square the same, dotted ring not comparable, each against the
          baseline. A foot tick: a treatment. !: an alert.
        </p>
      )}
      <VisitTable visits={visits} signs={signs} symptoms={symptoms} />
    </>
  )
}

/** Room for the figures, so that little moves when they come. */
const ROOM = 'min-h-96'

/** Everything that is drawn, as a table: for readers, for paper, and for whoever wants the figures. */
function VisitTable({ visits, signs, symptoms }: Pick<Figures, 'visits' | 'signs' | 'symptoms'>) {
  return (
    <div className="mt-4 overflow-x-auto print:overflow-visible" tabIndex={0} role="region" aria-label="The visits as a table">
      <table className="w-full border-collapse text-left text-[15px]">
        <thead>
          <tr className="border-b border-ash align-bottom">
            <th scope="col" className="py-2 pr-4">
              Visit
            </th>
            {visits.map((visit) => (
              <th key={visit.examId} scope="col" className="py-2 pr-4 font-semibold">
                <a
                  href={`/exam/${visit.examId}/${visit.state === 'signed' ? 'note' : 'recheck'}`}
                  className="inline-flex min-h-11 items-end underline underline-offset-4"
                >
                  {visit.visit} · {day(visit.at)}
                </a>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <Row name="Stands out" cells={visits.map((visit) => visit.conclusion || '–')} />
          {symptoms.map((s) => (
            <Row
              key={s.id}
              name={`${s.id}, now / worst / usual`}
              cells={visits.map((visit) => {
                const p = s.points.find((point) => point.visit === visit.visit && point.at === visit.at)
                return p ? [p.now, p.worst, p.usual].map((v) => v ?? '–').join(' / ') : '–'
              })}
            />
          ))}
          {signs.map((sign) => (
            <Row
              key={sign.key}
              name={sign.title}
              cells={visits.map(
                (visit) =>
                  sign.points
                    .filter((p) => p.examId === visit.examId)
                    .map((p) => pointWords(p, sign.unit))
                    .join('; ') || '–',
              )}
            />
          ))}
          <Row
            name="Treatment"
            cells={visits.map((visit) => visit.treatments.map((t) => `${kindWords(t.kind)} (${t.response ?? 'response not asked'})`).join('; ') || '–')}
          />
        </tbody>
      </table>
    </div>
  )
}

function Row({ name, cells }: { readonly name: string; readonly cells: readonly string[] }) {
  return (
    <tr className="border-b border-hair align-top">
      <th scope="row" className="py-1.5 pr-4 font-normal text-ash">
        {name}
      </th>
      {cells.map((cell, i) => (
        <td key={i} className="figures-in-text py-1.5 pr-4">
          {cell}
        </td>
      ))}
    </tr>
  )
}

/** A kind of treatment in words; one that a newer program added by its id. */
function kindWords(kind: string): string {
  return Object.hasOwn(TREATMENT_WORDS, kind) ? TREATMENT_WORDS[kind as keyof typeof TREATMENT_WORDS] : kind
}

function pointWords(p: SeriesPoint, unit: string): string {
  const figure = p.value === null ? p.result : `${p.kind === 'range' ? '' : `${p.kind ?? ''} `}${p.value}${unit}`
  const strength = p.intensity === null ? '' : `, ${p.intensity} of 10`
  const verdict = p.verdict === null ? '' : `: ${p.verdict === 'not-comparable' ? 'not comparable' : p.verdict}`
  return `${p.moment > 0 ? `after treatment ${p.moment}, ` : ''}${figure}${strength}${verdict}${p.alert ? ', alert' : ''}`
}
