import { format } from 'date-fns'
import { CONFIRMED_WORDS } from '@/core/change/confirmed-by'
import { counted } from '@/core/vocabulary/sentence'
import { sourceOf } from '@/core/vocabulary/source'
import { EpisodeFigures } from './figures'
import { EpisodeForms, Withdraw } from './lazily'
import { NewVisit } from './new-visit'
import type { WholeEpisode } from './whole-episodes'

interface Props {
  readonly whole: WholeEpisode
  readonly personId: string
  readonly today: string
}

const day = (at: number) => (Number.isNaN(new Date(at).getTime()) ? 'no date' : format(at, 'd MMM yyyy'))

/** One complaint from its first visit to discharge: what changed, drawn and as a table, and what was said of it. */
export function Episode({ whole, personId, today }: Props) {
  const { state, visits, first, latest, episode } = whole
  const complaint = latest?.symptoms[0]?.words
  return (
    <section aria-label={`Episode since ${day(first?.at ?? NaN)}`} className="mt-6 border-t border-hair pt-5 print:break-before-page">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="mr-auto">
          <h2 className="text-xl">
            {complaint ? `“${complaint}”` : 'No complaint told'}{' '}
            <span className="font-sans text-base text-ash">
              since {first ? day(first.at) : ''}, {counted(visits, 'visit')}
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
      <EpisodeFigures personId={personId} episode={episode} />
    </section>
  )
}
