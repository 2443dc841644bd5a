import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { knowledgeIndex } from '../src/core/formats/knowledgeIndex'

writeFileSync(join(process.cwd(), 'docs', 'handbook', 'index.md'), knowledgeIndex())
