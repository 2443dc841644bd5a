import { writeFileSync } from 'node:fs'
import { encode } from 'fast-png'
import { panelAnswer } from '../src/core/formats/panelFile'
import { readPanel } from '../src/core/formats/panelRequest'
import type { Parsed } from '../src/core/model/input'
import type { Flags } from './commands'

/** Lays a sequence on its panel, and writes the picture where one is asked for. */
export function runPanel(value: unknown, { png }: Flags): Parsed<unknown> {
  const read = readPanel(value)
  if (!read.ok) return read
  const answered = panelAnswer(read.value, png !== undefined)
  if (!answered.ok) return answered
  const { answer, picture } = answered.value
  if (png !== undefined && picture)
    writeFileSync(png, encode({ ...picture, channels: 3, depth: 8 }))
  return { ok: true, value: answer }
}
