import { fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it, vi } from 'vitest'
import { toFhir } from '@/core/exchange/fhir/to'
import { fhirSource, recordsOfAllKinds } from '@/tests/outside'
import { BringInMany } from './bring-in-many'

const { measured, halted } = recordsOfAllKinds()
const fileOf = (record: typeof measured) => {
  if (!record) throw new Error('no record')
  return fhirSource(record).file
}
const file = (name: string, content: unknown, type = 'application/json') =>
  new File([content instanceof Uint8Array ? (content as Uint8Array<ArrayBuffer>) : typeof content === 'string' ? content : JSON.stringify(content)], name, {
    type,
  })

/** A server that takes what it has not seen, and asks once whose it is. */
function server() {
  const seen = new Set<string>()
  const asked: string[] = []
  const answers = vi.fn((url: string, init: { body: string }) => {
    asked.push(url)
    const body = JSON.parse(init.body) as { exam?: { id: string }; name?: string }
    if (url.startsWith('/exchange/people'))
      return url.includes('person=')
        ? Response.json({ personId: 'p1' })
        : Response.json(
            {
              what: 'here already',
              choose: { name: body.name, born: null, people: [{ id: 'p1', number: 101, name: body.name, born: null, why: 'same name' }] },
            },
            { status: 409 },
          )
    const id = body.exam?.id ?? ''
    if (id === '') return Response.json({ what: 'The file cannot be read.', do: 'Save it again.' }, { status: 422 })
    const known = seen.has(id)
    seen.add(id)
    return Response.json({ examId: id, ...(known && { known }) })
  })
  vi.stubGlobal('fetch', (url: string, init: { body: string }) => Promise.resolve(answers(url, init)))
  return asked
}

const choose = async (...files: File[]) => {
  render(<BringInMany />)
  await userEvent.upload(screen.getByLabelText(/Choose files/), files, { applyAccept: false })
}
const rows = () =>
  within(screen.getByRole('table'))
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent)

describe('many files at once', () => {
  it('are taken one by one, each with what became of it, and what is refused hinders none', async () => {
    server()
    const archive = zipSync({
      'person-101/a/exam.json': strToU8(JSON.stringify({ ...fileOf(halted), exam: { ...fileOf(halted).exam, id: 'another' } })),
      'person-101/a/note.txt': strToU8('x'),
    })
    await choose(
      file('one.json', fileOf(measured)),
      file('again.json', fileOf(measured)),
      file('broken.json', '{'),
      file('case.json', { format: 'dust-lantern-rules' }),
      file('archive.zip', archive, 'application/zip'),
      file('torn.zip', 'no archive', 'application/zip'),
      file('bundle.json', measured && toFhir(fhirSource(measured))),
    )
    await waitFor(() => expect(screen.getByRole('status')).toHaveTextContent('2 taken, 2 here already, 0 waiting for an answer, 3 refused.'))
    expect(rows()).toEqual([
      'one.jsontakenOpen it',
      'again.jsonhere alreadyOpen it',
      'broken.jsonrefusedIt is not JSON.',
      expect.stringMatching(/^case\.jsonrefused\/format is no format/),
      'archive.zip: person-101/a/exam.jsontakenOpen it',
      expect.stringMatching(/^torn\.ziprefusedIt cannot be opened/),
      'bundle.json, attached file 1here alreadyOpen it',
    ])
  })

  it('a Patient waits until it is said whose it is; with the same day and name joined, nobody is asked', async () => {
    const asked = server()
    const patient = file('patient.json', { resourceType: 'Patient', name: [{ text: 'Ida Bråten' }], birthDate: '1983-04-11' })
    await choose(patient)
    await userEvent.click(await screen.findByRole('button', { name: 'Say whose it is' }))
    await userEvent.click(await screen.findByRole('button', { name: 'File it under number 101' }))
    await waitFor(() => expect(screen.getByRole('link', { name: 'Open it' })).toHaveAttribute('href', '/person/p1'))
    await userEvent.click(screen.getByRole('radio', { name: 'Join them where name and day of birth are the same' }))
    await userEvent.upload(screen.getByLabelText(/Choose files/), patient)
    await waitFor(() => expect(asked.at(-1)).toBe('/exchange/people?person=same'))
  })

  it('files that are dropped while others are under way are not taken, and hide none of those', async () => {
    let answer: (response: Response) => void = () => undefined
    const fetched = vi.fn(() => new Promise<Response>((resolve) => (answer = resolve)))
    vi.stubGlobal('fetch', fetched)
    await choose(file('one.json', fileOf(measured)))
    await waitFor(() => expect(fetched).toHaveBeenCalledTimes(1))
    expect(screen.getByRole('status')).toHaveTextContent('Importing 1 of 1.')
    fireEvent.drop(screen.getByText(/Choose files/), { dataTransfer: { files: [file('two.json', fileOf(halted))] } })
    answer(Response.json({ examId: 'e1' }))
    await waitFor(() => expect(rows()).toEqual(['one.jsontakenOpen it']))
    expect(fetched).toHaveBeenCalledTimes(1)
  })

  it('a server that is away takes nothing, and says so for each', async () => {
    await choose(file('one.json', fileOf(measured)))
    await waitFor(() => expect(rows()).toEqual([expect.stringMatching(/^one\.jsonnot takenThe server did not answer\./)]))
  })
})
