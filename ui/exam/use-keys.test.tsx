import { fireEvent, render } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { useKeys } from './use-keys'

afterEach(() => localStorage.clear())

function Page({ heard, everything }: { readonly heard: string[]; readonly everything?: boolean }) {
  useKeys(
    ({ key }) => {
      heard.push(key)
      return true
    },
    true,
    everything,
  )
  return <p>page</p>
}
const press = (key: string) => fireEvent.keyDown(document.body, { key })

describe('the keyboard of a page', () => {
  it('hears characters and named keys, and characters no longer once they are switched off on this device', () => {
    const heard: string[] = []
    render(<Page heard={heard} />)
    for (const key of ['y', '?', ' ', 'ArrowDown']) press(key)
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ letters: false }))
    for (const key of ['n', '3', '.', 'Enter', 'Backspace']) press(key)
    expect(heard).toEqual(['y', '?', 'space', 'arrowdown', 'enter', 'backspace'])
  })

  it('whoever knows a pedal hears everything; what cannot be read on the device hinders nothing', () => {
    const heard: string[] = []
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ letters: false }))
    const { unmount } = render(<Page heard={heard} everything />)
    press('b')
    unmount()
    localStorage.setItem('dust-lantern-hands', '{broken')
    render(<Page heard={heard} />)
    press('p')
    expect(heard).toEqual(['b', 'p'])
  })
})
