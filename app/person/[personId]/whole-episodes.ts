import 'server-only'
import { type EpisodeState, episodeState } from '@/core/change/episode-change'
import { signSeries, type StoredVisit, symptomSeries } from '@/core/change/series'
import type { Db } from '@/db/open'
import { type EpisodeName, episodeEntries, episodesOfPerson } from '@/db/queries/episodes'
import { changesOfPerson, performancesOfPerson, visitsOfPerson } from '@/db/queries/signs'
import { caughtUp } from '@/server/projector'
import type { Figures } from './chart-grid'

/** One episode, as the page of its person shows it at once; its figures come beside it. */
export interface WholeEpisode {
  readonly episode: string
  readonly state: EpisodeState
  readonly first: StoredVisit | undefined
  readonly latest: StoredVisit | undefined
  readonly visits: number
}

/** Every visit of a person as it was read last; what is behind is read first. */
function visitsNow(db: Db, person: string): readonly StoredVisit[] {
  const visits = visitsOfPerson(db, person)
  return caughtUp(visits) ? visitsOfPerson(db, person) : visits
}

/** Every episode of a person, the latest first. Nothing is folded: all of it is kept as it was read last. */
export function wholeEpisodes(db: Db, person: string): readonly WholeEpisode[] {
  const visits = visitsNow(db, person)
  return episodesOfPerson(db, person).map(({ episode }) => {
    const mine = visits.filter((visit) => visit.episode === episode)
    return { episode, state: episodeState(episodeEntries(db, { episode, person })), first: mine[0], latest: mine.at(-1), visits: mine.length }
  })
}

/** What is drawn and listed of one episode; null where this person has none of that name. */
export function figuresOf(db: Db, { person, episode }: EpisodeName): Figures | null {
  const visits = visitsNow(db, person).filter((visit) => visit.episode === episode)
  if (visits.length === 0) return null
  const performances = performancesOfPerson(db, person)
  const times = [...visits.map((v) => v.at), ...performances.filter((p) => visits.some((v) => v.examId === p.examId)).map((p) => p.at)]
  return {
    visits,
    signs: signSeries(visits, performances, changesOfPerson(db, person)),
    symptoms: symptomSeries(visits),
    span: [Math.min(...times), Math.max(...times)],
    treated: visits.flatMap((visit) => visit.treatments.map((t) => t.at)),
  }
}
