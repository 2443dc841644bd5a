import type { Parsed } from '../model/input'

/** A named colour of a palette. */
export type PaletteColour = { name: string; colour: string }

const HEAD = 'GIMP Palette'
/** The most colours that are read. */
const MOST = 5000

/** Colours as a GPL palette. Source: docs/formats.md. */
export function writePalette(name: string, colours: readonly PaletteColour[]): string {
  const rows = colours.map(({ name: otherColour, colour }) => {
    const channels = [1, 3, 5].map((at) => String(Number.parseInt(colour.slice(at, at + 2), 16)))
    return `${channels.map((value) => value.padStart(3)).join(' ')}\t${oneLine(otherColour)}`
  })
  return [HEAD, `Name: ${oneLine(name)}`, '#', ...rows, ''].join('\n')
}

function oneLine(text: string): string {
  return text.replaceAll(/\s+/g, ' ').trim()
}

/** Reads a GPL palette; a colour without a name is called as it is written. */
export function readPalette(text: string): Parsed<PaletteColour[]> {
  const lines = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  if (lines[0]?.trim() !== HEAD)
    return {
      ok: false,
      problems: [{ path: 'line 1', found: lines[0]?.slice(0, 40) ?? '', expected: `"${HEAD}"` }],
    }
  const colours: PaletteColour[] = []
  for (const [i, line] of lines.entries()) {
    if (i === 0 || line.trim() === '' || /^\s*(#|[A-Za-z]+:)/.test(line)) continue
    const [, r, g, b, name = ''] = line.match(/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})\s*(.*)$/) ?? []
    const channels = [r, g, b].map(Number)
    if (r === undefined || channels.some((channel) => channel > 255) || colours.length >= MOST)
      return {
        ok: false,
        problems: [
          {
            path: `line ${i + 1}`,
            found: line.slice(0, 40),
            expected: `up to ${MOST} lines of red, green and blue from 0 to 255 with a name`,
          },
        ],
      }
    const hex = channels
      .map((channel) => channel.toString(16).padStart(2, '0'))
      .join('')
      .toUpperCase()
    colours.push({ name: name.trim() || `#${hex}`, colour: `#${hex}` })
  }
  return { ok: true, value: colours }
}
