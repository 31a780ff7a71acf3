import { describe, expect, it } from 'vitest'
import { createStream, type StreamPorts, type Told } from './stream'

/** A browser with several windows: one channel between them, one lock, and every stream that was opened. */
function browser() {
  const windows = new Set<(message: MessageEvent) => void>()
  const queue: (() => void)[] = []
  const opened: { url: string; closed: boolean; port: ReturnType<StreamPorts['open']> }[] = []
  const window = () => {
    let mine: ((message: MessageEvent) => void) | null = null
    const made = createStream({
      open: (url) => {
        const port: ReturnType<StreamPorts['open']> = { onmessage: null, onopen: null, close: () => undefined }
        const one = { url, closed: false, port }
        port.close = () => {
          one.closed = true
        }
        opened.push(one)
        return port
      },
      channel: () => ({
        postMessage: (data: unknown) => {
          for (const hear of windows) if (hear !== mine) hear({ data } as MessageEvent)
        },
        close: () => undefined,
        addEventListener: (_: string, hear: unknown) => {
          mine = hear as (message: MessageEvent) => void
          windows.add(mine)
        },
      }),
      lead: (lead) => {
        queue.push(lead)
        if (queue.length === 1) lead()
      },
    })
    const close = () => {
      made.leave()
      if (mine) windows.delete(mine)
      queue.shift()
      queue[0]?.()
    }
    return { ...made, close }
  }
  const open = () => opened.filter((one) => !one.closed)
  return { window, open }
}

describe('one stream a browser', () => {
  it('is held by one window for all, whatever each of them follows', () => {
    const { window, open } = browser()
    const heard: string[] = []
    const note = (name: string) => (told: Told) => heard.push(`${name} ${told.kind} ${told.exam}`)
    const windows = Array.from({ length: 7 }, () => window())
    windows.forEach((w, i) => w.hear(`exam-${i % 2}`, 'record', note(`window ${i}`)))
    expect(open().map((one) => one.url)).toEqual(['/live?exam=exam-0&exam=exam-1'])
    open()[0]?.port.onmessage?.({ data: JSON.stringify({ kind: 'grew', exam: 'exam-1', length: 3 }) } as MessageEvent<string>)
    expect(heard).toEqual(['window 1 grew exam-1', 'window 3 grew exam-1', 'window 5 grew exam-1'])
  })

  it('passes to the next window when the one that holds it goes, and forgets what nobody follows', () => {
    const { window, open } = browser()
    const heard: string[] = []
    const [first, second] = [window(), window()]
    first.hear('exam-a', 'record', () => heard.push('first'))
    const stop = second.hear('exam-b', 'record', () => heard.push('second'))
    first.close()
    expect(open().map((one) => one.url)).toEqual(['/live?exam=exam-b'])
    open()[0]?.port.onopen?.()
    expect(heard).toEqual(['second'])
    stop()
    expect(open()).toEqual([])
  })

  it('takes what devices send for the window with the bench, and only while that is open', () => {
    const { window, open } = browser()
    const heard: string[] = []
    const [weigh, bench] = [window(), window()]
    weigh.hear('exam-a', 'record', (told) => heard.push(`weigh ${told.kind}`))
    expect(open().map((one) => one.url)).toEqual(['/live?exam=exam-a'])
    const leave = bench.hear('exam-a', 'bench', (told) => heard.push(`bench ${told.kind}`))
    expect(open().map((one) => one.url)).toEqual(['/live?bench=exam-a&exam=exam-a'])
    for (const kind of ['frame', 'grew']) open()[0]?.port.onmessage?.({ data: JSON.stringify({ kind, exam: 'exam-a' }) } as MessageEvent<string>)
    expect(heard).toEqual(['bench frame', 'weigh grew'])
    leave()
    expect(open().map((one) => one.url)).toEqual(['/live?exam=exam-a'])
  })

  it('is deaf to what is no message', () => {
    const { window, open } = browser()
    const heard: Told[] = []
    window().hear('exam-a', 'record', (told) => heard.push(told))
    for (const data of ['', '{', '{"kind":"other","exam":"exam-a"}', '7']) open()[0]?.port.onmessage?.({ data } as MessageEvent<string>)
    expect(heard).toEqual([])
  })
})
