import { format } from 'date-fns'
import Link from 'next/link'
import { SKILL_HEADS, SKILLS } from '@/core/trainer/judge/moment'
import type { ListedRun } from '@/db/queries/practice'
import { TableHead } from '@/ui/table-head'

interface Props {
  readonly runs: readonly (ListedRun & { readonly who?: string })[]
  /** Names of written cases, by what names them. */
  readonly titles: Titles
}

/** Titles of written cases, and whether they are shown before a case is over: they may give it away. */
export interface Titles {
  readonly of: Readonly<Record<string, string>>
  readonly atOnce: boolean
}

/** What a run is called in a list. */
export function runTitle({ case: name, judged }: Pick<ListedRun, 'case' | 'judged'>, { of, atOnce }: Titles): string {
  if (!name.startsWith('written')) return name
  return judged || atOnce ? (of[name] ?? 'a case that was withdrawn') : 'a case written here'
}

/** Runs, the latest first: the case, whether it was passed, and each skill. */
export function RunsTable({ runs, titles }: Props) {
  const named = runs.some((run) => run.who !== undefined)
  return (
    <div className="overflow-x-auto" role="group" aria-label="Attempts" tabIndex={0}>
      <table className="w-full border-collapse text-left text-[15px]">
        <TableHead heads={['day', ...(named ? ['who'] : []), 'case', 'passed', ...SKILLS.map((s) => SKILL_HEADS[s]), 'source']} />
        <tbody>
          {runs.map(({ id, at, case: name, judged, who }) => (
            <tr key={id} className="border-t border-hair">
              <td className="py-1 pr-3 whitespace-nowrap">{format(at, 'd MMM yyyy, HH:mm')}</td>
              {named && <td className="whitespace-nowrap pr-3">{who}</td>}
              <th scope="row" className="whitespace-nowrap pr-3 font-normal">
                <Link href={`/practice/run/${id}/${judged ? 'replay' : 'story'}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
                  {runTitle({ case: name, judged }, titles)}
                </Link>
              </th>
              <td className="whitespace-nowrap pr-3">{judged ? judged.passed ? 'yes' : <strong className="text-halt">no, unsafe</strong> : 'under way'}</td>
              {SKILLS.map((skill) => (
                <td key={skill} className="figures-in-text pr-3">
                  {judged ? (judged.scores[skill] ?? '–') : ''}
                </td>
              ))}
              <td className="whitespace-nowrap">{judged ? (judged.right ? 'found' : 'not found') : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
