import { act as settle, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { fetched } from './fetched'

const Word = ({ says }: { readonly says: string }) => <p>{says}</p>

/** A part whose first fetches fail. */
function failing(times: number) {
  let left = times
  return vi.fn(() => (left-- > 0 ? Promise.reject(new Error('the chunk could not be loaded')) : Promise.resolve(Word)))
}

describe('a part that is fetched when it is drawn', () => {
  beforeEach(() => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
  })
  afterEach(() => {
    vi.useRealTimers()
  })

  it('comes, and is there at once the next time', async () => {
    const load = failing(0)
    const Part = fetched(load, { waiting: <p>waiting</p> })
    const first = render(<Part says="here" />)
    expect(screen.getByText('waiting')).toBeInTheDocument()
    expect(await screen.findByText('here')).toBeInTheDocument()
    first.unmount()
    render(<Part says="again" />)
    expect(screen.getByText('again')).toBeInTheDocument()
    expect(load).toHaveBeenCalledTimes(1)
  })

  it('leaves the page where it is while it cannot be fetched, says so, and comes by itself', async () => {
    const load = failing(2)
    const Part = fetched(load)
    render(
      <>
        <p>the examination</p>
        <Part says="here" />
      </>,
    )
    expect(await screen.findByRole('alert')).toHaveTextContent('the server cannot be reached')
    expect(screen.getByText('the examination')).toBeInTheDocument()
    await settle(() => vi.advanceTimersByTimeAsync(4100))
    expect(screen.queryByText('here')).toBeNull()
    settle(() => void window.dispatchEvent(new Event('online')))
    expect(await screen.findByText('here')).toBeInTheDocument()
    expect(screen.queryByRole('alert')).toBeNull()
  })

  it('comes at a press', async () => {
    const Part = fetched(failing(1))
    render(<Part says="here" />)
    await userEvent.setup({ advanceTimers: vi.advanceTimersByTime.bind(vi) }).click(await screen.findByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('here')).toBeInTheDocument()
  })
})
