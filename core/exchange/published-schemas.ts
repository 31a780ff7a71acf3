import { CASE, EXAM } from './exam-file/file-schema'
import { type Json, jsonSchemaOf } from '../vocabulary/json-schema'
import { RULE_FILE } from './rule-file/from'
import { ruleDefinitions } from './rule-file/rule-schema'
import { PLACES } from '../vocabulary/body-area'

/** The JSON Schemas this project publishes, by the file each stands in. Made from the schemas that read. */
export function publishedSchemas(): Readonly<Record<string, Json>> {
  return {
    'core/exchange/exam-file/exam-file.schema.json': {
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      title: 'Dust Lantern examination, version 1',
      description:
        'A whole examination (events), or the short form of a published case (results). Shapes are checked here; whether events follow from each other is checked when a file is read.',
      oneOf: [jsonSchemaOf(EXAM), jsonSchemaOf(CASE)],
      $defs: { place: { enum: PLACES } },
    },
    'core/exchange/rule-file/rule-file.schema.json': {
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      title: 'Dust Lantern own rules, version 1',
      description: 'Rules a clinic wrote for itself. Whether tests, questions and areas exist is checked when a file is read.',
      ...jsonSchemaOf(RULE_FILE),
      $defs: ruleDefinitions(),
    },
  }
}
