import type { Exam } from './exam'

/** The episode an examination belongs to, named by the examination it began with; a first visit begins its own. */
export function episodeOf({ id, episode }: Pick<Exam, 'id' | 'episode'>): string {
  return episode?.episode ?? id
}
