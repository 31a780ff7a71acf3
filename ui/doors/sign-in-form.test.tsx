import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { SignInForm } from './sign-in-form'

describe('signing in with a second factor', () => {
  it('begins again where the code was owed for too long, and nobody is stuck before a code that counts no more', async () => {
    const asked: string[] = []
    const answers = [Response.json({ why: 'sign-in', what: 'Nobody is signed in at this window.', kept: 'Nothing.', do: 'Sign in.' }, { status: 401 })]
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url)
      return Promise.resolve(answers.shift() ?? Response.json({ came: { ok: true, next: 'in' } }))
    })
    const onIn = vi.fn()
    render(<SignInForm owes onIn={onIn} />)
    await userEvent.type(screen.getByLabelText(/Code of your authenticator/), '123456{Enter}')
    expect(await screen.findByText('Nobody is signed in at this window.')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Begin again' }))
    await userEvent.type(screen.getByLabelText('Sign-in name'), 'wenna')
    await userEvent.type(screen.getByLabelText('Password'), 'three slow ferries at dusk{Enter}')
    await vi.waitFor(() => expect(onIn).toHaveBeenCalledTimes(1))
    // Then the device asks for a key of this time of being signed in.
    expect(asked.filter((url) => !url.startsWith('/device-key'))).toEqual(['/do/second-factor', '/do/sign-in'])
  })
})
