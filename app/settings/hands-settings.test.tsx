import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { HandsSettings } from './hands-settings'

const kept = () => JSON.parse(localStorage.getItem('dust-lantern-hands') ?? '{}') as { pedal?: Record<string, string>; voice?: boolean; big?: boolean }
beforeEach(() => localStorage.clear())

describe('hands on the patient', () => {
  it('learns a pedal key for each move, never the same for two, and lets it go again', async () => {
    render(<HandsSettings />)
    const [next, own] = screen.getAllByRole('button', { name: 'none: press to set' })
    if (!next || !own) throw new Error('Each move has a pedal.')
    await userEvent.click(next)
    expect(screen.getByRole('button', { name: 'Press the pedal now' })).toBeVisible()
    await userEvent.keyboard('{PageDown}')
    expect(kept().pedal?.next).toBe('pagedown')
    await userEvent.click(own)
    await userEvent.keyboard('{PageDown}')
    expect(kept().pedal).toMatchObject({ next: '', own: 'pagedown' })
    await userEvent.click(screen.getByRole('button', { name: 'Remove' }))
    expect(kept().pedal).toMatchObject({ own: '' })
    // Esc learns nothing.
    await userEvent.click(screen.getAllByRole('button', { name: 'none: press to set' })[0] ?? next)
    await userEvent.keyboard('{Escape}')
    expect(kept().pedal).toMatchObject({ next: '', own: '', stop: '', back: '' })
  })

  it('learns another letter for a command, changes letters where it was taken, and restores them', async () => {
    render(<HandsSettings />)
    await userEvent.click(screen.getByText('Letters of the bench'))
    await userEvent.click(screen.getByRole('button', { name: /any test, by any of its names, now G/ }))
    await userEvent.keyboard('n')
    expect(screen.getByRole('button', { name: /any test, by any of its names, now N/ })).toBeVisible()
    expect(screen.getByRole('button', { name: /the suggested next test, now G/ })).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Restore the usual letters' }))
    expect(screen.getByRole('button', { name: /the suggested next test, now N/ })).toBeVisible()
  })

  it('single letters can be switched off', async () => {
    render(<HandsSettings />)
    await userEvent.click(screen.getByRole('checkbox', { name: /Single letters/ }))
    expect(kept()).toMatchObject({ letters: false })
  })

  it('keeps voice and big answers on this device, and starts as usual from what cannot be read', async () => {
    localStorage.setItem('dust-lantern-hands', '{broken')
    render(<HandsSettings />)
    const voice = screen.getByRole('checkbox', { name: /aloud/ })
    const big = screen.getByRole('checkbox', { name: 'Bigger answers' })
    expect(voice).not.toBeChecked()
    await userEvent.click(voice)
    await userEvent.click(big)
    expect(kept()).toMatchObject({ voice: true, big: true })
  })
})
