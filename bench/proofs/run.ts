// What is promised of this server, tried on the built program: npm run proofs [-- SHARE]. A share of 0.1 is a first look. Exit 1 when a
// promise is not held.
import { deliveries } from './deliveries'
import { hostile } from './hostile'
import { streams } from './streams'

const share = Number(process.argv[2] ?? 1)
const of = (n: number) => Math.max(10, Math.round(n * share))
const held = [await streams(of(500)), await hostile(of(10_000)), await deliveries(of(1000), of(100))]
console.log(held.every(Boolean) ? '\nEvery promise is held.' : '\nA PROMISE IS NOT HELD.')
process.exit(held.every(Boolean) ? 0 : 1)
