// Writes the published JSON Schemas from the schemas that read: npm run schemas
import { writeFileSync } from 'node:fs'
import { publishedSchemas } from '../core/exchange/published-schemas'
import { publishedCaseSchema } from '../core/trainer/case-file/published'

for (const [file, schema] of Object.entries({ ...publishedSchemas(), ...publishedCaseSchema() })) {
  writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`)
  console.log(file)
}
