import { render, screen, waitFor } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { SimilarPeople } from './similar-people'

afterEach(() => vi.unstubAllGlobals())

const imre = {
  id: 'p1',
  number: 101,
  name: 'Imre Talvane',
  born: '1983-04-02',
  work: 'bell-founder',
  exams: 2,
  latest: 'e2',
  why: 'same name, same date of birth',
}
const twin = { ...imre, id: 'p2', number: 113, born: null, exams: 0, latest: null, why: 'same name' }

describe('people who may be the one that is entered', () => {
  it('are named with what tells them apart and what speaks for them; who was examined can be opened', async () => {
    const asked = vi.fn((url: string) => Promise.resolve(new Response(JSON.stringify({ people: [imre, twin], url }))))
    vi.stubGlobal('fetch', asked)
    render(<SimilarPeople name="Imre" born="1983-04-02" />)
    await waitFor(() => expect(screen.getByRole('status')).toHaveTextContent('Here already?'))
    expect(asked.mock.calls[0]?.[0]).toBe('/people/rows?name=imre&born=1983-04-02')
    expect(screen.getByRole('status')).toHaveTextContent('Imre Talvane, number 101, born 2 Apr 1983, bell-founder: same name, same date of birth')
    expect(screen.getByRole('status')).toHaveTextContent('Imre Talvane, number 113, date of birth not known, bell-founder: same name')
    expect(screen.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual(['/exam/e2/story'])
  })

  it('a server that is away hinders nobody', async () => {
    const asked = vi.fn(() => Promise.reject(new Error('away')))
    vi.stubGlobal('fetch', asked)
    render(<SimilarPeople name="Imre" born="" />)
    await waitFor(() => expect(asked).toHaveBeenCalled())
    expect(screen.queryByRole('status')).toBeNull()
  })
})
