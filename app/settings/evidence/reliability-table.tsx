import type { Reliability } from '@/core/evidence/reliability/reliability'
import { TableHead } from '@/ui/table-head'
import { Wide } from '@/ui/wide'

/** How well tests repeat, what is normal and how results are defined; these never move a probability. */
export function ReliabilityTable({ rows }: { readonly rows: readonly Reliability[] }) {
  return (
    <section aria-labelledby="reliability" className="mt-10">
      <h2 id="reliability" className="text-2xl">
        Repeating, norms and definitions
      </h2>
      <p className="text-ash">{rows.length} rows. They never move a probability.</p>
      <Wide label="Reliability">
        <table className="mt-2 w-full text-left text-[15px]">
          <TableHead heads={['', 'Test or measure', 'What', 'Value', 'Study', 'Sure']} />
          <tbody>
            {rows.map((row) => (
              <tr key={row.id} className={`border-t border-hair align-top ${row.confidence === 'low' ? 'text-ash' : ''}`}>
                <td className="py-1.5 pr-4 text-ash">{row.id}</td>
                <th scope="row" className="py-1.5 pr-4 font-normal">
                  {row.subject}
                </th>
                <td className="py-1.5 pr-4">{row.property}</td>
                <td className="py-1.5 pr-4">
                  {row.value}
                  {row.note && <span className="block text-sm text-ash">{row.note}</span>}
                </td>
                <td className="py-1.5 pr-4">
                  {row.cite}
                  <span className="block text-sm text-ash">n {row.people}</span>
                </td>
                <td className="py-1.5">{row.confidence === 'low' ? 'low, unverified' : row.confidence}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  )
}
