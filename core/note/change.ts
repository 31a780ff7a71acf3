import type { Assessment } from '../assess'
import { type Changes, changesOf, SPANS, tallyWords } from '../change/changes'
import type { SignChange } from '../change/pair'
import { ALERT_WORDS } from '../change/told'
import type { Paragraph } from './paragraph'
import { treatmentWords } from './treatment-words'

const HEADINGS = { treatment: 'After treatment', lastVisit: 'Since the last visit', baseline: 'Since the baseline' } as const

/** What was done and what changed; nothing where there is neither. */
export function changeParagraph(assessment: Assessment, changes: Changes = changesOf(assessment)): readonly Paragraph[] {
  const { exam } = assessment
  const lines = [
    ...(exam.episode ? [`Visit ${exam.episode.visit} of this episode.`] : []),
    ...exam.treatments.map((treatment, i) => `Treatment ${i + 1}: ${treatmentWords(treatment)}.`),
    ...SPANS.flatMap((span) => {
      const tally = changes.tallies[span]
      if (!tally) return []
      const told = changes.signs.flatMap((sign) => sign.since[span] ?? [])
      return [`${HEADINGS[span]}: ${tallyWords(tally)}.`, ...told.map(changeLine)]
    }),
    ...(changes.guard === null ? [] : [changes.guard]),
    ...errorLines(changes),
  ]
  return lines.length === 0 ? [] : [{ heading: 'Change', lines }]
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
