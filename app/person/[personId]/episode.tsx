import { format } from 'date-fns'
import Link from 'next/link'
import { CONFIRMED_WORDS } from '@/core/change/episode-change'
import type { SeriesPoint } from '@/core/change/series'
import { TREATMENT_WORDS } from '@/core/note/treatment-words'
import { counted } from '@/core/vocabulary/sentence'
import { sourceOf } from '@/core/vocabulary/source'
import { SignChart, SymptomChart } from '@/ui/charts/small-multiple'
import { EpisodeForms, NewVisit, Withdraw } from './episode-forms'
import type { WholeEpisode } from './whole-episodes'

interface Props {
  readonly whole: WholeEpisode
  readonly personId: string
  readonly today: string
}

const day = (at: number) => (Number.isNaN(new Date(at).getTime()) ? 'no date' : format(at, 'd MMM yyyy'))

/** One complaint from its first visit to discharge: what changed, drawn and as a table, and what was said of it. */
export function Episode({ whole, personId, today }: Props) {
  const { state, visits, signs, symptoms, span, treated, episode } = whole
  const [first] = visits
  const latest = visits.at(-1)
  const complaint = latest?.symptoms[0]?.words
  return (
    <section aria-label={`Episode since ${day(span[0])}`} className="mt-6 border-t border-hair pt-5 print:break-before-page">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="mr-auto">
          <h2 className="text-xl">
            {complaint ? `“${complaint}”` : 'No complaint told'}{' '}
            <span className="font-sans text-base text-ash">
              since {first ? day(first.at) : ''}, {counted(visits.length, 'visit')}
            </span>
          </h2>
          <p className="text-ash">
            {state.open ? 'Open.' : 'Closed.'}{' '}
            {state.due !== null && state.open && (
              <strong className="text-ink">Asked to come again on {format(new Date(`${state.due}T12:00:00`), 'd MMM yyyy')}.</strong>
            )}
          </p>
          {latest?.changed && (
            <p className="mt-1 text-lg">
              <strong>{latest.changed.charAt(0).toUpperCase() + latest.changed.slice(1)}.</strong>
            </p>
          )}
          {!state.open && <p className="mt-1 max-w-3xl">{state.summary}</p>}
        </div>
        {state.open && <NewVisit personId={personId} episode={episode} />}
      </div>
      {state.confirmed.map(({ id, change, by, at }) => (
        <p key={id} className="mt-2 rounded-card border border-hair bg-sheet px-4 py-2">
          <strong>
            {change.holds ? 'Confirmed' : 'Ruled out'}: {sourceOf(change.source).name}, {change.side === 'both' ? 'both sides' : change.side}
          </strong>{' '}
          by {CONFIRMED_WORDS[change.how]}, {format(new Date(`${change.on}T12:00:00`), 'd MMM yyyy')}. {change.words}{' '}
          <span className="text-ash">
            Entered by {by}, {day(at)}.
          </span>{' '}
          <Withdraw personId={personId} episode={episode} entry={id} />
        </p>
      ))}
      <div className="mt-3">
        <EpisodeForms personId={personId} episode={episode} open={state.open} due={state.due} today={today} />
      </div>
      {(signs.length > 0 || (symptoms.length > 0 && visits.length > 1)) && (
        <div className="mt-4 grid gap-3 sm:grid-cols-2 lg:grid-cols-3 print:grid-cols-2">
          {visits.length > 1 && symptoms.map((series) => <SymptomChart key={series.id} series={series} span={span} treated={treated} />)}
          {signs.map((series) => (
            <SignChart key={series.key} series={series} span={span} treated={treated} />
          ))}
        </div>
      )}
      {signs.length > 0 && (
        <p className="mt-2 text-sm text-ash">
          Ring: the baseline; grain: measurement error around it. Triangle up better, down worse, square the same, dotted ring not comparable, each against the
          baseline. A foot tick: a treatment. !: an alert.
        </p>
      )}
      <VisitTable whole={whole} />
    </section>
  )
}

/** Everything that is drawn, as a table: for readers, for paper, and for whoever wants the figures. */
function VisitTable({ whole: { visits, signs, symptoms } }: Pick<Props, 'whole'>) {
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
                <Link
                  href={`/exam/${visit.examId}/${visit.state === 'signed' ? 'note' : 'recheck'}`}
                  className="inline-flex min-h-11 items-end underline underline-offset-4"
                >
                  {visit.visit} · {day(visit.at)}
                </Link>
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
            cells={visits.map(
              (visit) =>
                visit.treatments
                  .map((t) => `${TREATMENT_WORDS[t.kind as keyof typeof TREATMENT_WORDS] ?? t.kind} (${t.response ?? 'response not asked'})`)
                  .join('; ') || '–',
            )}
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

function pointWords(p: SeriesPoint, unit: string): string {
  const figure = p.value === null ? p.result : `${p.kind === 'range' ? '' : `${p.kind ?? ''} `}${p.value}${unit}`
  const strength = p.intensity === null ? '' : `, ${p.intensity} of 10`
  const verdict = p.verdict === null ? '' : `: ${p.verdict === 'not-comparable' ? 'not comparable' : p.verdict}`
  return `${p.moment > 0 ? `after treatment ${p.moment}, ` : ''}${figure}${strength}${verdict}${p.alert ? ', alert' : ''}`
}
