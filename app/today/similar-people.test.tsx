import { render, screen, waitFor } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { SimilarPeople } from './similar-people'

afterEach(() => vi.unstubAllGlobals())

const ROWS = [
  { examId: 'e1', name: 'Imre Talvane', complaint: 'it shoots down' },
  { examId: 'e2', name: 'Imre Talvane', complaint: 'it shoots down' },
  { examId: 'e3', name: 'Somebody Else', complaint: 'told of Imre' },
]

describe('people of a similar name', () => {
  it('are named once each, and only by their name', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify({ rows: ROWS }))))
    render(<SimilarPeople name="Imre" />)
    await waitFor(() => expect(screen.getByRole('status')).toHaveTextContent('Here already under a similar name'))
    expect(screen.getAllByRole('link')).toHaveLength(1)
  })

  it('are not asked for by two letters, and a server that is away hinders nobody', async () => {
    const asked = vi.fn(() => Promise.reject(new Error('away')))
    vi.stubGlobal('fetch', asked)
    const { rerender } = render(<SimilarPeople name="Im" />)
    await new Promise((resolve) => setTimeout(resolve, 200))
    expect(asked).not.toHaveBeenCalled()
    rerender(<SimilarPeople name="Imre" />)
    await waitFor(() => expect(asked).toHaveBeenCalled())
    expect(screen.queryByRole('status')).toBeNull()
  })
})
