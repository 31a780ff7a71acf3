// What is promised of this server, tried on the built program: npm run proofs [-- SHARE [NAME ...]]. A share of 0.1 is a first look; names
// choose some of them. Exit 1 when a promise is not held.
import { spawnSync } from 'node:child_process'
import { adversity } from './adversity'
import { deliveries } from './deliveries'
import { hostile } from './hostile'
import { imports } from './imports'
import { kills } from './kills'
import { load } from './load'
import { signatures } from './signatures'
import { spellings } from './spellings'
import { streams } from './streams'

const [asked = '1', ...names] = process.argv.slice(2)
const share = Number(asked)
const of = (n: number) => Math.max(10, Math.round(n * share))

/** A lost tablet is a journey of its own, with a copied profile of a browser. */
function lostTablet(): boolean {
  return spawnSync('npx', ['playwright', 'test', 'e2e/lost-tablet.spec.ts', '--reporter=line'], { stdio: 'inherit' }).status === 0
}

const PROOFS: Readonly<Record<string, () => Promise<boolean> | boolean>> = {
  spellings: () => spellings(Math.max(1, Math.round(1 / share))),
  signatures: () => signatures(of(40)),
  streams: () => streams(of(500)),
  hostile: () => hostile(of(10_000)),
  deliveries: () => deliveries(of(1000), of(100)),
  kills: () => kills(of(200)),
  adversity,
  imports,
  tablet: lostTablet,
  load: () => load(of(100_000), Math.max(20, Math.round(90 * share))),
}
const unknown = names.filter((name) => !Object.hasOwn(PROOFS, name))
if (!(share > 0) || unknown.length > 0) {
  console.error(`npm run proofs [-- SHARE [NAME ...]], with names of ${Object.keys(PROOFS).join(', ')}`)
  process.exit(2)
}
const broken: string[] = []
for (const [name, proof] of Object.entries(PROOFS)) {
  if (names.length > 0 && !names.includes(name)) continue
  const began = performance.now()
  const held = await proof()
  console.log(`  ${name}: ${held ? 'held' : 'NOT HELD'}, after ${Math.round((performance.now() - began) / 1000)} s`)
  if (!held) broken.push(name)
}
console.log(broken.length === 0 ? '\nEvery promise is held.' : `\nNOT HELD: ${broken.join(', ')}.`)
process.exit(broken.length === 0 ? 0 : 1)
