import { type Json, jsonSchemaOf } from '../../vocabulary/json-schema'
import { CASE_FILE } from './from'

/** The JSON Schema of a written case, by the file it stands in. Made from the schema that reads. */
export function publishedCaseSchema(): Readonly<Record<string, Json>> {
  return {
    'core/trainer/case-file/practice-case.schema.json': {
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      title: 'Dust Lantern practice case, version 1',
      description: 'A simulated person for practice, as a teacher writes it. Whether its parts go together is checked when a file is read.',
      ...jsonSchemaOf(CASE_FILE),
    },
  }
}
