import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import PageProblem from './error'

const chunk = Object.assign(new Error('Failed to load chunk /_next/static/x.js'), { name: 'ChunkLoadError' })
const again = () => userEvent.click(screen.getByRole('button', { name: 'Show it again' }))

describe('a page that could not be drawn', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('is drawn again where it had a fault', async () => {
    const reset = vi.fn()
    render(<PageProblem error={new Error('x is undefined')} reset={reset} />)
    await again()
    expect(reset).toHaveBeenCalledTimes(1)
  })

  it('is asked for anew where a part of it did not arrive, once somebody answers; until then it says so', async () => {
    const reload = vi.fn()
    vi.stubGlobal('location', { reload })
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')))
    const reset = vi.fn()
    render(<PageProblem error={chunk} reset={reset} />)
    expect(screen.getByRole('heading')).toHaveTextContent('This page has not arrived')
    await again()
    expect(screen.getByText(/^The server still cannot be reached/)).toBeInTheDocument()
    expect(reload).not.toHaveBeenCalled()
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ ready: true })))
    await again()
    expect(reload).toHaveBeenCalledTimes(1)
    window.dispatchEvent(new Event('online'))
    expect(reload).toHaveBeenCalledTimes(2)
    expect(reset).not.toHaveBeenCalled()
  })
})
