import Link from 'next/link'
import { TableHead } from '@/ui/table-head'
import { Wide } from '@/ui/wide'

interface Line {
  readonly id: string
  readonly name: string
  readonly rows: number
  readonly state: 'moves' | 'shown' | 'none'
  readonly moving: readonly string[]
}

const STATE: Record<Line['state'], string> = {
  none: 'No figure known: it only points',
  shown: 'Figures known, none fits or none is sure enough: it only points',
  moves: 'Changes the estimate',
}

/** Which tests have a figure, and which have none. */
export function CoverageTable({ lines }: { readonly lines: readonly Line[] }) {
  const without = lines.filter((line) => line.state === 'none').length
  return (
    <section aria-labelledby="coverage" className="mt-10">
      <h2 id="coverage" className="text-2xl">
        Which tests have a figure
      </h2>
      <p className="text-ash">
        {lines.length} tests: {lines.filter((line) => line.state === 'moves').length} change the estimate, {without} have no figure at all.
      </p>
      <Wide label="Which tests have accuracies">
        <table className="mt-2 w-full text-left text-[15px]">
          <TableHead heads={['Test', 'Rows', 'What it does', 'By']} />
          <tbody>
            {lines.map((line) => (
              <tr key={line.id} className={`border-t border-hair ${line.state === 'moves' ? '' : 'text-ash'}`}>
                <th scope="row" className="w-72 py-1.5 pr-4 font-normal">
                  <Link href={`/library/${line.id}`} className="flex min-h-11 items-center underline underline-offset-4">
                    {line.name}
                  </Link>
                </th>
                <td className="figures py-1.5 pr-4">{line.rows}</td>
                <td className="w-80 py-1.5 pr-4">{STATE[line.state]}</td>
                <td className="py-1.5">{line.moving.join('; ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  )
}
