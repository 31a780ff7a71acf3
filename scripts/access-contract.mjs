// Writes .next/types/access-contract.ts: for every page, layout and data route of app/, a line that compiles only when its file asks for
// access itself, under the name of its own folder. npm run types runs it first. node scripts/access-contract.mjs [APP [OUT]]
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'

const [app = 'app', out = '.next/types/access-contract.ts'] = process.argv.slice(2)
const files = readdirSync(app, { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)(page|route|layout)\.tsx?$/.test(file))
  // The frame around every page: it reads no record.
  .filter((file) => file !== 'layout.tsx')
  .toSorted()
const from = path.relative(path.dirname(out), process.cwd())
const lines = files.map((file, i) => {
  const name = `/${file.replace(/\/?(page|route|layout)\.tsx?$/, '')}`
  const imported = `import type * as m${i} from '${from}/${app}/${file.replace(/\.tsx?$/, '')}'`
  const isRoute = /route\.ts$/.test(file)
  const isLayout = /layout\.tsx$/.test(file)
  const text = readFileSync(path.join(app, file), 'utf8')
  const checks = isRoute
    ? [...text.matchAll(/^export (?:const|async function|function) (GET|HEAD|POST|PUT|PATCH|DELETE|OPTIONS)\b/gm)].map(
        ([, method]) => `export const c${i}${method}: GuardedRoute<'${name}'> = null as unknown as typeof m${i}.${method}`,
      )
    : isLayout
      ? [`export const c${i}: GuardedLayout<Under<'${name}'>> = null as unknown as typeof m${i}.default`]
      : [`export const c${i}: GuardedPage<'${name}'> = null as unknown as typeof m${i}.default`]
  if (isRoute && checks.length === 0) checks.push(`export const c${i}: never = '${name} exports no method'`)
  const of = isLayout ? `Under<'${name}'>` : `'${name}'`
  if (!isRoute) checks.push(`export const d${i}: MetadataOf<typeof m${i}, ${of}> = true`)
  return [imported, ...checks].join('\n')
})
const head = `// Made by scripts/access-contract.mjs.
import type { GuardedLayout, GuardedMetadata, GuardedPage } from '${from}/server/auth/page'
import type { PageName } from '${from}/server/auth/routes'
import type { GuardedRoute } from '${from}/server/route'

/** A layout asks for the access of any of the pages under it. */
type Under<F extends string> = Extract<PageName, \`\${F}/\${string}\`>
/** Metadata that is computed asks like its page; words that stand fixed name nobody. */
type MetadataOf<M, R extends PageName> = M extends { generateMetadata: infer G } ? (G extends GuardedMetadata<R> ? true : never) : true
`
mkdirSync(path.dirname(out), { recursive: true })
writeFileSync(out, `${head}\n${lines.join('\n')}\n`)
