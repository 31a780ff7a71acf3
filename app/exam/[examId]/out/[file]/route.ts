import { TABLES } from '@/core/exchange/csv/tables'
import { appointmentIssues, toCalendar } from '@/core/exchange/calendar/to'
import { isTemplate, type TemplateId } from '@/core/note/template'
import { numberedPapers } from '@/core/record/paper-events'
import { clinicKnowledge, houseOf } from '@/db/queries/clinic'
import { isOutgoing, type Outgoing, outgoing } from '@/db/queries/outgoing'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { print } from '@/server/outside/beside'
import { type Format, inFormat, type Made, stem, tablesOf } from '@/server/outside/formats'
import { letterPaper, summaryPaper } from '@/server/paper/papers'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Names of files that are an examination in a format. */
const WHOLE: Readonly<Record<string, Format>> = {
  'exam.json': 'json',
  'note.txt': 'txt',
  'note.md': 'md',
  'note.pdf': 'pdf',
  'fhir.json': 'fhir',
  'tables.zip': 'csv',
}

/** An examination, or a paper of it, as a file. It is made of what is on the record, and saving it is written on the trail. */
export const GET = route('/exam/[examId]/out/[file]', async ({ params: { examId, file }, url, request, visitor, db }) => {
  const now = Date.now()
  if (file === 'appointment.ics') return appointment(examId, url, now)
  const out = outgoing(db, examId, clinicKnowledge(db))
  if (!isOutgoing(out)) {
    return out.why === 'unknown'
      ? problemResponse(404, {
          what: 'There is no examination with this number here.',
          kept: 'Nothing was changed.',
          do: 'Go to Today and open it from there.',
        })
      : problemResponse(409, {
          what: `Entry ${out.entry} of this examination cannot be read, so a file would not be whole.`,
          kept: 'Nothing was changed.',
          do: 'Run npm run verify, or restore a backup, and save it then.',
        })
  }
  const layout = url.searchParams.get('layout')
  const template: TemplateId = isTemplate(layout) ? layout : houseOf(db).template
  const made = await fileOf(out, file, template, now)
  if (!made) {
    return problemResponse(404, {
      what: 'There is no such file of this examination.',
      kept: 'Nothing was changed.',
      do: 'Open the note and save it from there.',
    })
  }
  noteOnTrail(askingOf(request, visitor, now), 'given-out', examId, file)
  return fileResponse(made)
})

function fileResponse({ name, type, body }: Made): Response {
  return new Response(body as BodyInit, { headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` } })
}

async function fileOf(out: Outgoing, file: string, template: TemplateId, now: number): Promise<Made | null> {
  const format = Object.hasOwn(WHOLE, file) ? WHOLE[file] : undefined
  if (format) return inFormat([out], format, { template, now, print: (papers) => print(papers, now) })
  const table = TABLES.find((t) => file === `${t.name}.csv`)
  if (table || file === 'dictionary.csv')
    return { name: `${file.replace('.csv', '')}-${stem(out)}.csv`, type: 'text/csv; charset=utf-8', body: tablesOf([out])[file] ?? '' }
  const [, kind, number, ending] = /^(letter|summary)-(\d{1,4})\.(pdf|txt)$/.exec(file) ?? []
  const kept = numberedPapers(out.assessment.exam.papers).find((one) => one.kind === kind && one.n === Number(number))?.paper
  if (!kept) return null
  const name = `${kind ?? ''}-${stem(out)}-${number ?? ''}.${ending ?? ''}`
  if (ending === 'txt') return { name, type: 'text/plain; charset=utf-8', body: `${kept.text}\n` }
  const paper = kept.type === 'letter-written' ? letterPaper(out, kept) : summaryPaper(out, kept)
  return { name, type: 'application/pdf', body: await print([paper], now) }
}

/** A calendar file for the next visit; nothing of the person stands in it. */
function appointment(examId: string, { searchParams }: URL, now: number): Response {
  const asked = {
    start: searchParams.get('start') ?? '',
    zone: searchParams.get('zone') ?? '',
    minutes: Number(searchParams.get('minutes') ?? '30'),
    remindHours: Number(searchParams.get('remind') ?? '24'),
  }
  const [issue] = appointmentIssues(asked)
  if (issue)
    return problemResponse(422, {
      what: `This is no appointment: ${issue.pointer.slice(1)} ${issue.what}.`,
      kept: 'Nothing was changed.',
      do: 'Choose day and time again.',
    })
  return fileResponse({ name: 'appointment.ics', type: 'text/calendar; charset=utf-8', body: toCalendar(asked, examId, now) })
}
