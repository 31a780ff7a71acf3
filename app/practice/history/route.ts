import { stringify } from 'csv-stringify/sync'
import { SKILLS } from '@/core/trainer/judge/moment'
import { drillAnswersOf } from '@/db/queries/drills'
import { runsOf } from '@/db/queries/practice'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** One's own attempts and drills, as a file. */
export const GET = route('/practice/history', ({ who, url, db }) => {
  const runs = runsOf(db, { by: who.id })
  if (url.searchParams.get('as') === 'csv') {
    const rows = runs.map(({ at, case: name, judged }) => [
      new Date(at).toISOString(),
      name,
      judged ? String(judged.passed) : '',
      judged ? String(judged.right) : '',
      judged ? String(judged.brier) : '',
      ...SKILLS.map((s) => judged?.scores[s] ?? ''),
    ])
    const text = stringify([['at', 'case', 'passed', 'source_found', 'brier', ...SKILLS], ...rows], { escape_formulas: true })
    return new Response(text, { headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="practice.csv"' } })
  }
  const file = {
    format: 'dust-lantern-practice-history',
    version: 1,
    attempts: runs.map(({ id, at, case: name, judged }) => ({ id, at, case: name, judged })),
    drills: drillAnswersOf(db, who.id),
  }
  return new Response(JSON.stringify(file, null, 1), {
    headers: { 'content-type': 'application/json', 'content-disposition': 'attachment; filename="practice.json"' },
  })
})
