import { whyItLeads } from '@/core/evidence/headline'
import type { Weighed } from '@/core/evidence/weigh'
import type { Interval } from '@/core/evidence/interval'
import { percent } from '@/core/note/percent'
import { lrWords } from '@/core/evidence/lr-words'

/** The estimate that leads, and beside it the published rule, the model with correlated tests and all of them as if independent; and why they differ. */
export function FourEstimates({ weighed, interval }: { readonly weighed: Weighed; readonly interval: Interval | null }) {
  const { rule, byRule, pooled, outside, held, contradiction } = weighed
  return (
    <section aria-label="Four estimates" className="mt-4">
      <div className="grid max-w-5xl grid-cols-4 divide-x divide-hair rounded-card border border-hair bg-sheet">
        <FigureCell title="Estimate" figure={contradiction ? 'none' : percent(weighed.estimate)} words={estimateWords(weighed)} leads={!contradiction} />
        <FigureCell
          title={rule?.rule.cluster.basis === 'own' ? 'This clinic’s own rule' : 'Published rule'}
          figure={byRule === null ? 'open' : percent(byRule)}
          words={
            rule
              ? `${outside === 1 ? '' : `Alone ${percent(rule.postTest)}, with what lies outside it as shown; `}${rule.rule.words}; ${lrWords(rule.lr, rule.speaks)}, ${rule.row.own ? 'entered by this clinic: ' : ''}${rule.row.from.cite}`
              : 'No rule for this source is decided yet.'
          }
          leads={rule !== null && !pooled && !contradiction}
        />
        <FigureCell
          title="Model, tests correlated"
          figure={percent(weighed.model)}
          words="Tests that load one structure are counted together, not multiplied."
          leads={rule === null && !held && !contradiction}
        />
        <FigureCell
          title="As if independent"
          figure={percent(weighed.product)}
          words="Every single likelihood ratio multiplied, as if no two tests were correlated. Shown for comparison."
          leads={false}
        />
      </div>
      <p className="mt-2 max-w-3xl" role="status">
        {contradiction
          ? 'Where two voices contradict each other no interval is told: it would be that of neither.'
          : interval
            ? `With the studies’ sizes and the pretest probabilities in doubt, the estimate lies between ${percent(interval.p05)} and ${percent(interval.p95)} (5th to 95th of 100).`
            : 'The interval is being computed.'}
      </p>
      <p className="mt-1 max-w-3xl">{whyItLeads(weighed)}</p>
      {weighed.joined
        .flatMap(({ group, steps }) => (group && steps.length > 1 ? [group] : []))
        .map((group) => (
          <p key={group.id} className="mt-1 max-w-3xl text-ash">
            Correlated tests, {group.name}: correlation {group.rho}, {group.why}.
          </p>
        ))}
    </section>
  )
}

/** How the estimate was made of the other figures. */
function estimateWords({ rule, pooled, held, contradiction }: Weighed): string {
  if (contradiction) return 'Two voices contradict each other: no single estimate leads.'
  if (rule) return pooled ? 'From the model halfway to the rule, in odds, by a factor of 1.5 at most.' : 'The rule alone.'
  return held ? 'The model, taken back towards what its open rule could say.' : 'The model alone.'
}

function FigureCell({ title, figure, words, leads }: { readonly title: string; readonly figure: string; readonly words: string; readonly leads: boolean }) {
  return (
    <div className="px-5 py-3">
      <p className={leads ? 'font-semibold' : 'text-ash'}>
        {title}
        {leads && title === 'Estimate' && ' · leads'}
      </p>
      <p className={`figures ${leads ? 'text-4xl' : 'text-2xl text-ash'}`}>{figure}</p>
      <p className="mt-1 text-sm text-ash">{words}</p>
    </div>
  )
}
