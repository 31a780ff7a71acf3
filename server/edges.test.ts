import { describe, expect, it } from 'vitest'
import { sorePelvis } from '../tests/people'
import { readBody } from './route'
import { readSent } from './sent-events'

const post = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:4321/x', { method: 'POST', body, headers: { host: '127.0.0.1:4321', ...headers } })

describe('reading a mutation', () => {
  it('takes JSON from this site and from the clinic’s own tools', async () => {
    expect(await readBody(post('{"a":1}'))).toEqual({ ok: true, value: { a: 1 } })
    expect(await readBody(post('{"a":1}', { origin: 'http://127.0.0.1:4321' }))).toMatchObject({ ok: true })
  })

  it.each([
    [400, '{', {}],
    [403, '{}', { origin: 'http://elsewhere.example' }],
    [403, '{}', { origin: 'null' }],
    [403, '{}', { 'sec-fetch-site': 'cross-site' }],
    [413, `"${'x'.repeat(1_000_001)}"`, {}],
  ])('answers %i with what, kept and do', async (status, body, headers) => {
    const read = await readBody(post(body, headers))
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.response.status).toBe(status)
    const problem = (await read.response.json()) as Record<string, string>
    for (const part of ['what', 'kept', 'do']) expect(problem[part]).toMatch(/\.$/)
  })
})

describe('reading sent events', () => {
  const { events } = sorePelvis()

  it('puts the signed-in practitioner on every event, whatever the window says', () => {
    const read = readSent({ after: 2, events: [{ ...events[0], by: 'somebody-else' }] }, 'maren-oake')
    expect(read).toMatchObject({ ok: true, sent: { after: 2, events: [{ by: 'maren-oake' }] } })
  })

  it.each([
    [{ events }, 'after'],
    [{ after: -1, events }, 'after'],
    [{ after: 0, events: [] }, 'events'],
    [{ after: 0, events, more: 1 }, 'more'],
    [{ after: 0, events: [null] }, 'cannot be null'],
    [null, 'null'],
    ['text', 'object'],
  ])('refuses %#', (input, about) => {
    const read = readSent(input, 'maren-oake')
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.problem.what).toMatch(about)
  })
})
