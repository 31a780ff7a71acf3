import { whyItLeads } from '@/core/evidence/headline'
import type { Weighed } from '@/core/evidence/weigh'
import type { Interval } from '@/core/evidence/interval'
import { percent } from '@/core/note/percent'
import { times2 } from '@/ui/charts/odds-ladder-layout'

/** The published rule, the shared-cause model and plain multiplication, side by side, and why they differ. */
export function ThreeFigures({ weighed, interval }: { readonly weighed: Weighed; readonly interval: Interval | null }) {
  const { rule, headline, outside, held, contradiction } = weighed
  return (
    <section aria-label="Three figures" className="mt-4">
      <div className="grid max-w-4xl grid-cols-3 divide-x divide-hair rounded-card border border-hair bg-sheet">
        <FigureCell
          title={rule?.rule.cluster.basis === 'own' ? 'This clinic’s own rule' : 'Published rule'}
          figure={rule ? percent(weighed.estimate) : 'open'}
          words={
            rule
              ? `${outside === 1 ? '' : `alone ${percent(rule.postTest)}, with what lies outside it as shown; `}${rule.rule.words}; ratio ${times2(rule.lr)}, ${rule.row.own ? 'this clinic’s own figure: ' : ''}${rule.row.from.cite}`
              : 'No rule for this source is decided yet.'
          }
          leads={headline === 'rule' && !contradiction}
        />
        <FigureCell
          title="Shared-cause model"
          figure={percent(headline === 'model' ? weighed.estimate : weighed.model)}
          words={
            held
              ? `Held to what the open rule could say; alone the model would say ${percent(weighed.model)}.`
              : 'Tests that load one structure are counted together, not multiplied.'
          }
          leads={headline === 'model' && !contradiction}
        />
        <FigureCell
          title="Plain product"
          figure={percent(weighed.product)}
          words="Every single ratio multiplied, as if no two tests shared a cause. Shown for comparison."
          leads={false}
        />
      </div>
      <p className="mt-2 max-w-3xl" role="status">
        {contradiction
          ? 'Where two voices contradict each other no interval is told: it would be that of neither.'
          : interval
            ? `With the studies’ sizes and the starting odds in doubt, the leading figure lies between ${percent(interval.p05)} and ${percent(interval.p95)} (5th to 95th of 100).`
            : 'The interval is being computed.'}
      </p>
      <p className="mt-1 max-w-3xl">{whyItLeads(weighed)}</p>
      {weighed.joined
        .flatMap(({ group, steps }) => (group && steps.length > 1 ? [group] : []))
        .map((group) => (
          <p key={group.id} className="mt-1 max-w-3xl text-ash">
            How far {group.name} hangs together: correlation {group.rho}, {group.why}.
          </p>
        ))}
    </section>
  )
}

function FigureCell({ title, figure, words, leads }: { readonly title: string; readonly figure: string; readonly words: string; readonly leads: boolean }) {
  return (
    <div className="px-5 py-3">
      <p className={leads ? 'font-semibold' : 'text-ash'}>
        {title}
        {leads && ' · leads'}
      </p>
      <p className={`figures ${leads ? 'text-4xl' : 'text-2xl text-ash'}`}>{figure}</p>
      <p className="mt-1 text-sm text-ash">{words}</p>
    </div>
  )
}
