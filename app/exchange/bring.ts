import { strFromU8, unzipSync } from 'fflate'
import type { Choose } from '@/app/today/whose-file'
import { isExamFile, partsOf, type Part } from '@/core/exchange/parts'
import { toldAtDoor } from '@/ui/doors/door'

/** A part of a file, with the file it stands in. */
export type ToBring =
  | (Extract<Part, { kind: 'exam' | 'person' }> & { readonly where: string })
  | { readonly kind: 'wrong'; readonly where: string; readonly what: string }

/** What became of it. */
export type Brought =
  | { readonly as: 'taken' | 'known'; readonly examId: string | null; readonly personId: string | null }
  | { readonly as: 'asked'; readonly choose: Choose }
  | { readonly as: 'refused' | 'not-answered'; readonly what: string }

/** Everything in a file that can be brought in, and what in it cannot. */
export async function partsIn(file: File): Promise<readonly ToBring[]> {
  const wrong = (what: string): readonly ToBring[] => [{ kind: 'wrong', where: file.name, what }]
  let contents: readonly { readonly name: string; readonly text: string }[]
  try {
    contents = /\.zip$/i.test(file.name) ? examFilesOf(new Uint8Array(await file.arrayBuffer())) : [{ name: '', text: await file.text() }]
  } catch {
    return wrong('It cannot be opened: it is no archive, or it is not whole.')
  }
  if (contents.length === 0) return wrong('It is an archive without an exam.json.')
  return contents.flatMap(({ name, text }) => {
    const from = [file.name, name].filter(Boolean).join(': ')
    let content: unknown
    try {
      content = JSON.parse(text)
    } catch {
      return [{ kind: 'wrong' as const, where: from, what: 'It is not JSON.' }]
    }
    return partsOf(content, decoded).map((part): ToBring => {
      const where = [from, part.where].filter(Boolean).join(', ')
      return part.kind === 'wrong' ? { kind: 'wrong', where, what: `${part.issue.pointer || 'It'} ${part.issue.what}.` } : { ...part, where }
    })
  })
}

function examFilesOf(bytes: Uint8Array) {
  const inside = unzipSync(bytes, { filter: ({ name }) => isExamFile(name) })
  return Object.entries(inside).map(([name, content]) => ({ name, text: strFromU8(content) }))
}

/** Text of base64; null where it is none. */
function decoded(base64: string): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0)))
  } catch {
    return null
  }
}

/**
 * Send one part; the server takes it whole or not at all.
 *
 * @param person - whose it is: an id, `new`, `same`; null to be asked
 */
export async function bringPart(part: Exclude<ToBring, { kind: 'wrong' }>, person: string | null): Promise<Brought> {
  const [to, body] = part.kind === 'exam' ? ['import', part.content] : ['people', { name: part.person.name, born: part.person.born }]
  try {
    const answer = await fetch(`/exchange/${to}${person === null ? '' : `?person=${encodeURIComponent(person)}`}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    toldAtDoor(answer)
    const came = (await answer.json()) as { examId?: string; personId?: string; known?: boolean; what?: string; do?: string; choose?: Choose }
    if (answer.ok) return { as: came.known ? 'known' : 'taken', examId: came.examId ?? null, personId: came.personId ?? null }
    if (came.choose) return { as: 'asked', choose: came.choose }
    return { as: 'refused', what: [came.what, came.do].filter(Boolean).join(' ') || 'The server did not say why.' }
  } catch {
    return { as: 'not-answered', what: 'The server did not answer. Nothing of it was taken; import it again, it is taken once only.' }
  }
}
