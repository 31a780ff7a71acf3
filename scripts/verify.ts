// Walks everything that stands under the clinic's chain and writes nothing: npm run verify [-- FILE] [--anchors FILE ...] [--code CODE]. Exit 1 when
// something was changed by other hands, there is nothing to look at, or no signed note has the check code.
import { existsSync, readFileSync } from 'node:fs'
import { anchorFile, anchorKey, readAnchors } from '../db/anchors'
import { dataFile, openToRead } from '../db/open'
import { signatureByCode } from '../db/queries/signatures'
import { verifyFile } from '../db/verify'
import { environment } from '../server/environment'

const words = process.argv.slice(2)
const named: string[] = []
let file = dataFile()
let code: string | null = null
for (let i = 0; i < words.length; i++) {
  const word = words[i] ?? ''
  if (word === '--anchors') named.push(words[++i] ?? '')
  else if (word === '--code') code = words[++i] ?? ''
  else file = word
}
const { keyFolder, anchorFolder } = environment()
const first = verifyFile(file)
const own = first.clinic === null ? '' : anchorFile(anchorFolder, first.clinic)
const files = [...named, ...(existsSync(own) ? [own] : [])]
const read = files.map((one) => ({ one, ...readAnchors(readFileSync(one, 'utf8')) }))
const key = first.clinic === null ? null : anchorKey(keyFolder, first.clinic)
const verified = verifyFile(file, { anchors: read.flatMap((one) => one.anchors), publicKey: key })
for (const { one, bad } of read) for (const line of bad) console.error(`${one}, line ${line}: is no anchor.`)
for (const { where, what } of verified.breaks) console.error(`${where}: ${what}.`)
const anchors =
  verified.anchors === 0
    ? 'No anchor to hold it against: a tail that was cut, or a chain written anew as a whole, would not show.'
    : `${verified.anchors} anchors fit${key === null ? ', though without the key their signatures were not checked' : ''}.`
console.log(
  verified.ok
    ? `${verified.entries} entries of examinations and ${verified.links} links of the clinic's chain, unbroken; last link ${verified.head?.n ?? 0}. ${anchors}`
    : `${verified.breaks.length} breaks in ${verified.entries} entries and ${verified.links} links.`,
)
if (code !== null) {
  const client = openToRead(file)
  const found = signatureByCode(client, code)
  client.$client.close()
  if (found === 'no-code') console.error('This is no check code: it has twenty letters and digits.')
  else if (!found) console.error('No note signed in this clinic has this check code.')
  else if (found.claimed) console.error(`The check code is of a signature that came with a file: ${found.examId}. This clinic did not make it.`)
  else console.log(`${found.code} stands in the chain: signed ${new Date(found.at).toISOString()} by ${found.by}, examination ${found.examId}.`)
  if (typeof found !== 'object' || found === null || found.claimed) process.exit(1)
}
process.exit(verified.ok && read.every((one) => one.bad.length === 0) ? 0 : 1)
