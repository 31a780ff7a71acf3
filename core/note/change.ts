import type { Assessment } from '../assess'
import { type Changes, changesOf, SPANS, tallyWords } from '../change/changes'
import type { SignChange } from '../change/pair'
import { ALERT_WORDS } from '../change/told'
import { type Section, type Statement, say, section } from './section'
import { treatmentWords } from './treatment-words'

const HEADINGS = { treatment: 'After treatment', lastVisit: 'Since the last visit', baseline: 'Since the baseline' } as const

/** What was done and what changed; nothing where there is neither. */
export function changeSection(assessment: Assessment, changes: Changes = changesOf(assessment)): readonly Section[] {
  const { exam } = assessment
  const lines = [
    ...(exam.episode ? [say(`Visit ${exam.episode.visit} of this episode.`)] : []),
    ...exam.treatments.map((treatment, i) => say(`Treatment ${i + 1}: ${treatmentWords(treatment)}.`, { kind: 'treatment', id: treatment.id })),
    ...SPANS.flatMap((span) => {
      const tally = changes.tallies[span]
      if (!tally) return []
      const told = changes.signs.flatMap((sign) => sign.since[span] ?? [])
      return [say(`${HEADINGS[span]}: ${tallyWords(tally)}.`, ...told.flatMap(runsOf)), ...told.map((one) => say(changeLine(one), ...runsOf(one)))]
    }),
    ...(changes.guard === null
      ? []
      : [say(changes.guard, ...changes.signs.flatMap((sign) => SPANS.flatMap((span) => (sign.since[span] ? runsOf(sign.since[span]) : []))))]),
    ...errorLines(changes).map((line): Statement => say(line)),
  ]
  return lines.length === 0 ? [] : [section('change', lines)]
}

/** The performances that are compared; those of an earlier visit have their entries there. */
function runsOf({ before, after }: SignChange) {
  return [before, after].map(({ run }) => ({ kind: 'run', id: run.id }) as const)
}

function changeLine({ sentence, alert }: SignChange): string {
  return alert === null ? sentence : `Alert: ${sentence} ${ALERT_WORDS[alert]}`
}

/** Where the errors come from that were used, each once. */
function errorLines({ signs }: Changes): readonly string[] {
  const used = signs.flatMap((sign) =>
    SPANS.flatMap(
      (span) =>
        sign.since[span]?.measures.flatMap((m) =>
          m.measure === 'angle' && m.error ? [`${sign.title}: ${m.error.value}${m.error.unit}, ${m.error.words}`] : [],
        ) ?? [],
    ),
  )
  const each = [...new Set(used)]
  return each.length === 0 ? [] : [`Measurement error used (MDC95): ${each.join('; ')}.`]
}
