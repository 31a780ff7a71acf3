import { noteOnTrail, askingOf } from '@/server/auth/asking'
import { route } from '@/server/route'
import { shownLines } from '../trail-rows'

export const dynamic = 'force-dynamic'

/** Lines a file may have; the newest ones. */
const MOST = 100_000

/** The trail as CSV (RFC 4180), the newest line first. */
export const GET = route('/settings/trail/file', ({ request, visitor, url, db }) => {
  const who = url.searchParams.get('who')
  noteOnTrail(askingOf(request, visitor, Date.now()), 'trail-saved')
  const lines = shownLines(db, who ? { who } : {}, MOST)
  const rows = [
    ['number', 'when', 'who', 'what', 'about', 'from'],
    ...lines.map((line) => [`${line.n}`, line.at, line.who, line.what, line.about, line.address]),
  ]
  return new Response(rows.map((row) => `${row.map(cell).join(',')}\r\n`).join(''), {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="audit-trail.csv"' },
  })
})

/** A text that begins like a formula would be run by a spreadsheet; a quote before it keeps it text. */
function cell(text: string): string {
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe
}
