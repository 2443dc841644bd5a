import { randomUUID } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { basename } from 'node:path'
import { getVtimezoneComponent } from '@touch4it/ical-timezones'
import { convert, TARGETS, type Target } from '../src/core/formats/convert/convert'
import type { Parsed } from '../src/core/model/input'
import { type Flags, until } from './commands'

/** What a conversion came to: where it was written, or the file itself. */
export type Converted = { answer: unknown } | { file: string | Uint8Array }

/** Reads a file of any open format and writes another; without `--out` the file itself is the answer. */
export function runConvert(path: string, flags: Flags): Parsed<Converted> {
  const to = TARGETS.find((target): target is Target => target === flags.to)
  if (!to)
    return {
      ok: false,
      problems: [{ path: '--to', found: flags.to ?? 'nothing', expected: TARGETS.join(', ') }],
    }
  const bytes = new Uint8Array(readFileSync(path === '-' ? 0 : path))
  const written = convert(
    { name: path === '-' ? '' : basename(path), bytes, newId: randomUUID },
    {
      to,
      now: flags.now,
      options: until(flags),
      zoneRules: (zone) => getVtimezoneComponent(zone) ?? null,
    },
  )
  if (!written.ok) return written
  if (flags.out === undefined) return { ok: true, value: { file: written.value } }
  writeFileSync(flags.out, written.value)
  const size =
    typeof written.value === 'string' ? Buffer.byteLength(written.value) : written.value.length
  return {
    ok: true,
    value: { answer: { format: 'tectoria-convert', version: 1, to, out: flags.out, bytes: size } },
  }
}
