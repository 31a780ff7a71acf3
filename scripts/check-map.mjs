// Checks docs/map.md and every document: each file that is named exists, each function named beside it is exported there, and the
// map has a line for every room. npm run map
import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'

const complaints = []
const map = readFileSync('docs/map.md', 'utf8')

// A row of the map: what to change, where to open, which export.
const rows = map
  .split('\n')
  .filter((line) => line.startsWith('|') && !/^\|[\s-|]+\|$/.test(line))
  .map((line) =>
    line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim()),
  )
  .filter(([first]) => first !== 'to change')
for (const [what, open, names] of rows) {
  const files = [...(open ?? '').matchAll(/`([^`]+)`/g)].map((m) => m[1])
  if (files.length === 0) complaints.push(`“${what}” names no file`)
  const texts = files.map((file) => {
    if (!existsSync(file)) complaints.push(`“${what}”: ${file} is not there`)
    return existsSync(file) && !file.endsWith('/') ? readFileSync(file, 'utf8') : ''
  })
  for (const [, name] of (names ?? '').matchAll(/`([^`]+)`/g)) {
    const exported = new RegExp(`export (?:default )?(?:async )?(?:const|function\\*?|interface|type|class) ${name}\\b`)
    if (!texts.some((text) => exported.test(text))) complaints.push(`“${what}”: ${files.join(', ')} exports no ${name}`)
  }
}
if (rows.length < 40) complaints.push(`the map has only ${rows.length} lines`)
for (const room of ['core', 'db', 'server', 'ui', 'app', 'workers', 'devices', 'e2e', 'bench', 'scripts', 'docs']) {
  if (!map.includes(`\`${room}/`)) complaints.push(`the map has no line for ${room}/`)
}

// Every file a document names between backticks, and every document it links to.
const documents = execFileSync('git', ['ls-files', '*.md'], { encoding: 'utf8' })
  .trim()
  .split('\n')
  .filter((file) => existsSync(file))
for (const document of documents) {
  const text = readFileSync(document, 'utf8')
  for (const [, file] of text.matchAll(
    /`((?:core|db|server|ui|app|workers|devices|e2e|bench|scripts|docs|tests)\/[^`\s…<>*{}]+\.(?:ts|tsx|md|mjs|sh|json|sql))`/g,
  )) {
    if (!existsSync(file) && !/\bNAME\b|its-name|your-/.test(file)) complaints.push(`${document} names ${file}, which is not there`)
  }
  for (const [, link] of text.matchAll(/\]\((?!https?:|#)([^)#\s]+)/g)) {
    if (!existsSync(path.join(path.dirname(document), link))) complaints.push(`${document} links to ${link}, which is not there`)
  }
}
const readme = readFileSync('README.md', 'utf8')
if (!readme.includes('docs/map.md')) complaints.push('README does not link to the map')

for (const complaint of complaints) console.error(`map: ${complaint}`)
console.log(`map: ${rows.length} lines, ${documents.length} documents, ${complaints.length} complaints.`)
process.exit(complaints.length === 0 ? 0 : 1)
