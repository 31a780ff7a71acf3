// Checks a signed note without the clinic and without a network: node check-note.mjs LIST CODE|EXAM-FILE [KEY]. LIST is the file of
// signatures that the clinic saved; CODE stands on the paper, EXAM-FILE is a saved examination; KEY is the clinic's public key, as you
// were given it before. Needs Node.js and nothing else. Exit 0 when the note stands in the clinic's records, 1 when it does not.
import { createHash, createPublicKey, verify } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'

const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
const [listFile, what, keyFile] = process.argv.slice(2)
const stop = (words) => {
  console.error(words)
  process.exit(1)
}
if (!listFile || !what) stop('Name the list of signatures, and a check code or a saved examination.')

/** JSON with the keys of every object in order: what the clinic signs and chains. */
function canonical(value) {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`
  if (typeof value === 'object' && value !== null) {
    const entries = Object.entries(value).filter(([, v]) => v !== undefined)
    entries.sort(([a], [b]) => (a < b ? -1 : 1))
    return `{${entries.map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`).join(',')}}`
  }
  return JSON.stringify(value)
}

/** A code of twenty signs as 25 hex digits. */
function prefixOf(typed) {
  const signs = [...typed.toUpperCase().replace(/[\s-]/g, '')].map((sign) => ({ O: '0', I: '1', L: '1' })[sign] ?? sign)
  if (signs.length !== 20 || signs.some((sign) => !ALPHABET.includes(sign))) return null
  const bits = signs.map((sign) => ALPHABET.indexOf(sign).toString(2).padStart(5, '0')).join('')
  return bits
    .match(/.{4}/g)
    .map((four) => Number.parseInt(four, 2).toString(16))
    .join('')
}

/** The hash of the signature in a saved examination, computed from all of its entries. */
function signatureIn(file) {
  let hash = '0'.repeat(64)
  for (const event of file.events ?? []) {
    hash = createHash('sha256')
      .update(`${hash}\n${canonical(event)}`)
      .digest('hex')
    if (event.type === 'exam-signed') return { hash, at: event.at, by: event.by }
  }
  return null
}

let list
try {
  list = JSON.parse(readFileSync(listFile, 'utf8'))
} catch {
  stop(`${listFile} cannot be read.`)
}
const { signature, ...signed } = list
if (list.format !== 'dust-lantern-signatures') stop(`${listFile} is no list of signatures.`)
const key = keyFile ? readFileSync(keyFile, 'utf8') : list.key
let isWhole = false
try {
  isWhole = verify(null, Buffer.from(canonical(signed)), key, Buffer.from(signature, 'base64'))
} catch {
  // A key or signature of another shape fits nothing.
}
if (!isWhole) stop('The list was changed, or was not signed with this key.')
const print = createHash('sha256')
  .update(createPublicKey(key).export({ type: 'spki', format: 'der' }))
  .digest('hex')
  .slice(0, 32)
console.log(
  `The list is of ${new Date(list.at).toISOString()} and holds ${list.signed.length} signatures. Key: ${print}${keyFile ? '' : ' (its own: compare it with the one you know)'}.`,
)

let prefix = prefixOf(what)
if (prefix === null) {
  if (!existsSync(what)) stop('This is no check code of twenty letters and digits, and no file.')
  const found = signatureIn(JSON.parse(readFileSync(what, 'utf8')))
  if (!found) stop('This examination is not signed.')
  prefix = found.hash.slice(0, 25)
  console.log(`The file says: signed ${new Date(found.at).toISOString()} by ${found.by}.`)
}
if (!list.signed.includes(prefix))
  stop('It does NOT stand in the records of the clinic as they were then: it was changed, was signed later, or is of another clinic.')
console.log('It stands in the records of the clinic, unchanged.')
