// A clock that a test sets: loaded before the server (node --import). The file named in TEST_CLOCK holds "stopped MS", the time it says and
// goes on saying, or "shifted MS", how far it is ahead of the real one. Nothing of the program knows it.
import { readFileSync } from 'node:fs'

const file = process.env.TEST_CLOCK ?? ''
const RealDate = Date
const now = RealDate.now.bind(RealDate)
let read = -Infinity
let set = ['shifted', 0]

function time() {
  if (performance.now() - read > 20) {
    read = performance.now()
    try {
      const [kind = 'shifted', ms = '0'] = readFileSync(file, 'utf8').trim().split(' ')
      set = [kind, Number(ms)]
    } catch {
      set = ['shifted', 0]
    }
  }
  const [kind, ms] = set
  return kind === 'stopped' ? ms : now() + ms
}

// Not a class of its own: the framework copies the properties of the one it finds, and these are the real one's.
RealDate.now = time
globalThis.Date = new Proxy(RealDate, {
  construct: (target, args, self) => Reflect.construct(target, args.length === 0 ? [time()] : args, self),
})
