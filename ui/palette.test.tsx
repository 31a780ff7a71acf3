import { act, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Palette } from './palette'

const push = vi.fn()
let path = '/exam/e1/bench'
vi.mock('next/navigation', () => ({ useRouter: () => ({ push }), usePathname: () => path }))

beforeEach(() => {
  push.mockReset()
  path = '/exam/e1/bench'
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ rows: [{ examId: 'e9', name: 'Odalys Brightmoor', complaint: 'deep in the buttock' }] })))
})

const open = async (modifier: 'ctrlKey' | 'metaKey' = 'ctrlKey') => {
  act(() => void fireEvent.keyDown(document.body, { key: 'k', [modifier]: true }))
  await screen.findByRole('dialog', { name: 'Go to' })
}
const options = () => screen.queryAllByRole('option').map((option) => option.textContent)

describe('any screen, test or person by name', () => {
  it('opens by Ctrl or Cmd and K alone, and begins with the other screens of this examination', async () => {
    render(<Palette />)
    for (const wrong of [{ key: 'k' }, { key: 'k', ctrlKey: true, shiftKey: true }, { key: 'j', ctrlKey: true }]) fireEvent.keyDown(document.body, wrong)
    expect(screen.queryByRole('dialog')).toBeNull()
    await open('metaKey')
    const screens = ['Story', 'Safety', 'Weigh', 'Recheck', 'Note', 'Letter', 'Summary']
    expect(options().slice(0, screens.length)).toEqual(screens.map((one) => `${one}this examination`))
    await userEvent.keyboard('{Escape}')
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('goes to a screen, to a test in the library and to a person', async () => {
    render(<Palette />)
    await open()
    await userEvent.keyboard('wei{Enter}')
    expect(push).toHaveBeenLastCalledWith('/exam/e1/weigh')
    await open()
    await userEvent.keyboard('thigh thr')
    await userEvent.click(await screen.findByRole('option', { name: /^Thigh thrust/ }))
    expect(push).toHaveBeenLastCalledWith('/library/thigh-thrust')
    await open()
    await userEvent.keyboard('odal')
    await userEvent.click(await screen.findByRole('option', { name: /^Odalys Brightmoor: deep in the buttock/ }))
    expect(push).toHaveBeenLastCalledWith('/exam/e9/bench')
  })

  it('outside an examination it offers no screens of one, nor the screen that is shown', async () => {
    path = '/library'
    render(<Palette />)
    await open()
    expect(options()).not.toContain('Weighthis examination')
    expect(options()).not.toContain('Libraryscreen')
    expect(options()).toContain('Todayscreen')
  })
})
