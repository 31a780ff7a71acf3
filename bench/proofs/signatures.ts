import { randomLcg } from 'd3-random'
import { v7 } from 'uuid'
import { signatureOf } from '../../core/exchange/freeze'
import { examFrom } from '../../core/record/exam'
import { pointOf } from '../../core/record/chain'
import type { ExamEvent } from '../../core/record/event'
import type { Frozen } from '../../core/record/frozen'
import { sha256 } from '../../db/chain'
import { openDb } from '../../db/open'
import { recordOf } from '../../db/queries/ledger'
import { clinicKnowledge } from '../../db/queries/clinic'
import { examHeads } from '../../db/queries/exams'
import { verifyFile } from '../../db/verify'
import { report } from '../measure'
import { proofClinic } from './clinic'

/** One small lie somewhere in what is signed. */
function forged(frozen: Frozen, random: () => number): { readonly frozen: Frozen; readonly what: string } {
  const lies: { readonly path: readonly (string | number)[]; readonly value: unknown }[] = []
  const walk = (value: unknown, path: readonly (string | number)[]) => {
    if (typeof value === 'object' && value !== null)
      for (const [key, part] of Object.entries(value)) walk(part, [...path, Array.isArray(value) ? Number(key) : key])
    else if (!path.includes('edition')) lies.push({ path, value })
  }
  walk(frozen, [])
  const lie = lies[Math.floor(random() * lies.length)]
  if (!lie) throw new Error('There is nothing to lie about.')
  const copy: unknown = structuredClone(frozen)
  let at = copy as Record<string | number, unknown>
  for (const key of lie.path.slice(0, -1)) at = at[key] as Record<string | number, unknown>
  const last = lie.path.at(-1) ?? ''
  const { value } = lie
  const RESULTS = ['positive', 'negative', 'inconclusive']
  at[last] =
    typeof value === 'number'
      ? value > 0.5 && value <= 1
        ? value - 0.01
        : value + (Number.isInteger(value) ? 1 : 0.01)
      : typeof value === 'boolean'
        ? !value
        : typeof value === 'string' && RESULTS.includes(value)
          ? (RESULTS.find((one) => one !== value) ?? value)
          : value === null
            ? 0
            : `${typeof value === 'string' ? value : ''} `
  return { frozen: copy as Frozen, what: lie.path.join('.') }
}

/**
 * Signatures that a browser made up, each with one lie somewhere: none may be stored. The true one is, once; a signature over a record that
 * has grown is not; and what another window tells about safety after it is.
 */
export async function signatures(count: number): Promise<boolean> {
  const clinic = await proofClinic(true)
  const db = openDb(clinic.file)
  const examId = examHeads(db).find(({ id }) => id === clinic.examId)?.id ?? ''
  const { events } = recordOf(db, examId)
  const knowledge = clinicKnowledge(db)
  db.$client.close()
  const exam = examFrom(events)
  if (!exam) throw new Error('The demo has it.')
  const of = pointOf(events, sha256)
  const truth = signatureOf(exam, knowledge)
  if (!truth.frozen) throw new Error('A signature holds what was read.')
  const server = await clinic.start()
  const random = randomLcg(0.417)
  const send = async (event: object) => {
    const sent = { id: v7(), at: Date.now(), by: 'maren-oake', ...event } as ExamEvent
    const response = await fetch(`${server.url}/exam/${examId}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after: 1_000_000, events: [sent] }),
    })
    return { status: response.status, body: (await response.json()) as { what?: string } }
  }
  const admitted: string[] = []
  let unnamed = 0
  for (let n = 0; n < count; n++) {
    const lie = forged(truth.frozen, random)
    const { status, body } = await send({ ...truth, frozen: lie.frozen, of })
    if (status === 200) admitted.push(lie.what)
    else if (!/not what the record gives|could not be read/.test(body.what ?? '')) unnamed++
  }
  const other = await send({ ...truth, of: { ...of, hash: 'a'.repeat(64) } })
  const bare = await send(truth)
  const older = await send({ ...truth, frozen: { ...truth.frozen, edition: { catalogue: 1, rules: 1, register: 1 } }, of })
  const grown = await send({ type: 'symptom-rated', symptom: 'S1', now: 4 })
  const stale = await send({ ...truth, of })
  const now = examFrom([...events, ...(await recordNow(server.url, examId, events.length))])
  const all = [...events, ...(await recordNow(server.url, examId, events.length))]
  const right = now && (await send({ ...signatureOf(now, knowledge), of: pointOf(all, sha256) }))
  const late = await send({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })
  const letter = await send({ type: 'letter-written', to: '', urgency: 'routine', agreed: 'yes', text: 'All is well.', of, zone: 'UTC', edited: true })
  await server.stop()
  const { ok } = verifyFile(clinic.file)
  clinic.remove()
  report(`${count} signatures with one lie each`, [
    `${admitted.length} were stored; ${unnamed} were refused without saying what differs`,
    `over another record ${other.status}, without naming its record ${bare.status}, of an edition that cannot be computed ${older.status}, over a record that has grown ${stale.status}; the true one ${right?.status ?? 0}`,
    `a yes that comes after it ${late.status}; a letter made up by hand ${letter.status}; the chain is ${ok ? 'whole' : 'broken'}`,
    ...admitted.slice(0, 8),
  ])
  const refused = [other, bare, older, stale, letter].every(({ status }) => status === 422)
  return admitted.length === 0 && refused && grown.status === 200 && right?.status === 200 && late.status === 200 && ok
}

async function recordNow(url: string, examId: string, after: number): Promise<readonly ExamEvent[]> {
  const response = await fetch(`${url}/exam/${examId}/events?after=${after}`)
  return ((await response.json()) as { events: readonly ExamEvent[] }).events
}
