import { Wide } from '@/ui/wide'
import type { Accuracy } from '@/core/evidence/accuracy'
import { likelihoodRatios } from '@/core/evidence/likelihood-ratio'
import { moves } from '@/core/evidence/register'
import { sourceOf } from '@/core/vocabulary/source'
import { estimateWords } from '@/ui/figure-words'

/** Every published figure of a test with its doubt; the one that moves numbers first, the unverified greyed. */
export function EvidenceTable({ rows }: { readonly rows: readonly Accuracy[] }) {
  return (
    <section className="mt-8">
      <h2 className="text-xl">What is published</h2>
      {rows.length === 0 ? (
        <p className="mt-1 text-ash">No accuracy figure is known. What it finds points, and changes no estimate.</p>
      ) : (
        <Wide label="Accuracy">
          <table className="w-full min-w-[56rem] text-left text-[15px]">
            <thead className="text-sm text-ash">
              <tr>
                {['Study', 'For', 'Counted as positive', 'Sens.', 'Spec.', 'LR+', 'LR−', 'Use'].map((head) => (
                  <th key={head} scope="col" className="py-1 pr-4 font-normal">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <Row key={`${row.id} ${row.of}`} row={row} />
              ))}
            </tbody>
          </table>
        </Wide>
      )}
    </section>
  )
}

function Row({ row }: { readonly row: Accuracy }) {
  const lr = likelihoodRatios(row)
  const leads = moves(row)
  return (
    <tr className={`border-t border-hair align-top ${leads ? '' : 'text-ash'}`}>
      <th scope="row" className="py-2 pr-4 font-normal">
        <span className={leads ? 'font-semibold' : ''}>{row.from.cite}</span>
        <span className="block text-sm">
          {row.from.n === null ? 'n not known' : `n ${row.from.n}`}; {row.from.people}; against{' '}
          {row.from.reference.charAt(0).toLowerCase() + row.from.reference.slice(1)}
        </span>
        {row.own && <span className="block text-sm font-semibold text-lantern-text">Entered by this clinic: {row.own.by}</span>}
        <span className="block text-sm">
          {row.from.checkedAgainstPaper ? 'checked against the paper' : 'not checked against the paper'}; recall {row.confidence}
          {row.confidence === 'low' && ', unverified'}
        </span>
      </th>
      <td className="py-2 pr-4">
        {row.for ? sourceOf(row.for).name : row.target}
        {row.side && `, ${row.side}`}
      </td>
      <td className="py-2 pr-4">{row.criterion}</td>
      <td className="figures py-2 pr-4">{estimateWords(row.sens, row.printed?.sens)}</td>
      <td className="figures py-2 pr-4">{estimateWords(row.spec, row.printed?.spec)}</td>
      <td className="figures py-2 pr-4">{lr?.positive?.toFixed(2) ?? row.printed?.lrPositive ?? '–'}</td>
      <td className="figures py-2 pr-4">{lr?.negative?.toFixed(2) ?? row.printed?.lrNegative ?? '–'}</td>
      <td className="py-2">
        {leads ? 'Changes the estimate. ' : row.confidence === 'low' ? 'Never changes the estimate. ' : 'Shown only. '}
        {row.use.because}.
      </td>
    </tr>
  )
}
