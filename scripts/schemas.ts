import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { toJsonSchema } from '@valibot/to-json-schema'
import type { GenericSchema } from 'valibot'
import { benchProblemSchema } from '../src/core/bench'
import { blendSchema } from '../src/core/formats/blendFile'
import { coverSchema } from '../src/core/formats/coverFile'
import { diagnoseSchema } from '../src/core/formats/diagnoseRequest'
import { drySchema } from '../src/core/formats/dryFile'
import { explainSchema } from '../src/core/formats/explainFile'
import { masksSchema } from '../src/core/formats/masksFile'
import { matchSchema } from '../src/core/formats/matchFile'
import { mixSchema } from '../src/core/formats/mixFile'
import { panelRequestSchema } from '../src/core/formats/panelRequest'
import { wearSchema } from '../src/core/formats/wearFile'
import { shapeSchema } from '../src/core/formats/zonesFile'
import { projectSchema } from '../src/core/model/project'
import { sequenceSchema } from '../src/core/model/sequence'

/** Every format that is read, by its name. */
const FORMATS: Record<string, GenericSchema> = {
  'tectoria-sequence': sequenceSchema,
  'tectoria-dry': drySchema,
  'tectoria-explain': explainSchema,
  'tectoria-mix': mixSchema,
  'tectoria-cover': coverSchema,
  'tectoria-masks': masksSchema,
  'tectoria-match': matchSchema,
  'tectoria-blend': blendSchema,
  'tectoria-shape': shapeSchema,
  'tectoria-wear': wearSchema,
  'tectoria-panel': panelRequestSchema,
  'tectoria-diagnose': diagnoseSchema,
  'tectoria-bench-problem': benchProblemSchema,
  'tectoria-project': projectSchema,
}

const folder = join(process.cwd(), 'docs', 'schemas')
mkdirSync(folder, { recursive: true })
for (const [name, schema] of Object.entries(FORMATS)) {
  // Checks beyond JSON Schema (durations, ranges with a unit) are described in docs/formats.md.
  const json = toJsonSchema(schema, { errorMode: 'ignore', target: 'draft-2020-12' })
  writeFileSync(
    join(folder, `${name}.json`),
    `${JSON.stringify({ title: name, ...json }, null, 2)}\n`,
  )
}
