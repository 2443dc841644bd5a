// Makes the hound of the demo: its mesh from scripts/parts/hound.ts, zoned, its zones named and joined as a modeller would.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { houndOfDemo, houndStl } from './parts/hound'

const { argv } = process
if (argv[2]) writeFileSync(argv[2], houndStl())
else {
  const file = join(process.cwd(), 'src', 'demo', 'hound.json')
  writeFileSync(file, `${JSON.stringify(houndOfDemo())}\n`)
}
