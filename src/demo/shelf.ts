import type { Bottle } from '@/core/model/bottle'
import type { BenchTool } from '@/core/model/tool'
import type { Family, Role, Sheen } from '@/core/model/vocabulary'

type Line = [name: string, role: Role, colour: string | null, sizeMl: number, leftMl: number]

/** A maker's bottles of one family, a line each. */
function bottles(
  maker: string,
  family: Family,
  lines: readonly Line[],
  more: Partial<Bottle> = {},
): Bottle[] {
  return lines.map(([name, role, colour, sizeMl, leftMl]) => ({
    id: `${maker}-${name}`.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-'),
    name,
    maker,
    family,
    role,
    ...(colour ? { colour } : {}),
    sizeMl,
    leftMl,
    state: 'open' as const,
    ...more,
  }))
}

function clear(
  maker: string,
  family: Family,
  name: string,
  sheen: Sheen,
  sizeMl: number,
  leftMl: number,
): Bottle[] {
  return bottles(maker, family, [[name, 'clear', null, sizeMl, leftMl]], { sheen })
}

/** What is painted and measured with. */
export const DEMO_TOOLS: BenchTool[] = [
  { id: 'needle-02', kind: 'needle', name: 'Fine needle', sizeMm: 0.2 },
  { id: 'needle-03', kind: 'needle', name: 'Needle', sizeMm: 0.3 },
  { id: 'needle-05', kind: 'needle', name: 'Broad needle', sizeMm: 0.5 },
  { id: 'cup-2', kind: 'cup', name: 'Side cup', holdsMl: 2 },
  { id: 'cup-7', kind: 'cup', name: 'Top cup', holdsMl: 7 },
  { id: 'brush-0', kind: 'brush', name: 'Detail brush', sizeMm: 1, price: 9, lasts: 120 },
  { id: 'brush-flat', kind: 'brush', name: 'Flat brush', sizeMm: 10, price: 6, lasts: 200 },
  { id: 'sponge', kind: 'sponge', name: 'Chipping sponge' },
  { id: 'blades', kind: 'blade', name: 'Knife blades', price: 5, lasts: 10 },
  { id: 'swabs', kind: 'swabs', name: 'Swabs', price: 4, lasts: 200 },
]

/** The demo's shelf: 48 bottles by five invented makers, some of them in a state worth watching. */
export function demoShelf(now: number): Bottle[] {
  const shelf = [
    ...bottles('Palewater', 'water-acrylic', [
      ['Kelp Moss', 'colour', '#5B6B3A', 17, 12],
      ['Lichen Grey', 'colour', '#9AA08F', 17, 15],
      ['Old Bone', 'colour', '#CFC4A6', 17, 9],
      ['Ember Red', 'colour', '#A8321F', 17, 16],
      ['Tallow', 'colour', '#E6DEC6', 17, 14],
      ['Wet Slate', 'colour', '#4A5054', 17, 13],
      ['Harness Brown', 'colour', '#5E4433', 17, 11],
      ['Lamp Black', 'colour', '#1C1C1D', 17, 10],
      ['Chalk White', 'colour', '#F1F0EA', 17, 1.1],
      ['Marsh Violet', 'colour', '#5A4A66', 17, 17],
      ['Rust Light', 'colour', '#B4622D', 17, 12],
      ['Rust Dark', 'colour', '#5C2E1C', 17, 15],
      ['Fen Wash', 'wash', '#2E3524', 17, 13],
      ['Soot Wash', 'wash', '#24221F', 17, 8],
      ['Flow Aid', 'flow-aid', null, 30, 24],
      ['Thinner', 'thinner', null, 60, 41],
    ]),
    ...bottles('Ferrowick', 'lacquer', [
      ['Grey Primer', 'primer', '#8B8C8B', 50, 31],
      ['White Primer', 'primer', '#E9E9E6', 50, 44],
      ['Black Primer', 'primer', '#222223', 50, 38],
      ['Red-brown Primer', 'primer', '#6A3A2B', 50, 22],
      ['Bottle Green', 'colour', '#1F3B2C', 30, 21],
      ['Mountain Cream', 'colour', '#E8DCB8', 30, 19],
      ['Gloss Black', 'colour', '#141415', 30, 27],
      ['Levelling Thinner', 'thinner', null, 250, 160],
      ['Tool Cleaner', 'cleaner', null, 250, 90],
    ]),
    ...bottles('Ferrowick', 'alcohol-acrylic', [
      ['Harbour Teal', 'colour', '#2F6B6A', 23, 13],
      ['Bone White', 'colour', '#DAD5C4', 23, 11],
      ['Band Ochre', 'colour', '#B98A2F', 23, 20],
      ['Terrace Moss', 'colour', '#66703F', 23, 16],
      ['Armour Bone', 'colour', '#C9BFA2', 23, 18],
      ['Alcohol Thinner', 'thinner', null, 250, 140],
    ]),
    ...bottles('Osmund', 'enamel-wash', [
      ['Deep Brown Wash', 'wash', '#3B2F27', 35, 29],
      ['Neutral Line', 'wash', '#3B3A38', 35, 17],
      ['Rust Streak', 'wash', '#8A4B22', 35, 31],
      ['Rain Grime', 'wash', '#4B4A3C', 35, 26],
      ['Road Dust', 'wash', '#A8977A', 35, 33],
    ]),
    ...bottles('Osmund', 'enamel', [
      ['Engine Grey', 'colour', '#55585A', 14, 9],
      ['Mild Spirit', 'thinner', null, 250, 170],
    ]),
    ...bottles('Osmund', 'oil', [
      ['Umber Oil', 'oil', '#4A3626', 20, 18],
      ['Buff Oil', 'oil', '#C3AE86', 20, 19],
    ]),
    ...bottles('Argentry', 'mirror-metal', [['Bright Chrome', 'metal', '#C9CACB', 30, 22]]),
    ...bottles('Argentry', 'lacquer', [
      ['Burnt Bell', 'metal', '#6E5A4C', 30, 25],
      ['Brass Bright', 'metal', '#B08D3E', 30, 26],
    ]),
    ...clear('Glasswing', 'lacquer', 'Gloss Clear', 'gloss', 50, 28),
    ...clear('Glasswing', 'alcohol-acrylic', 'Matt Clear', 'matt', 46, 30),
    ...clear('Glasswing', 'acrylic-pu', 'Satin Clear', 'satin', 60, 52),
    ...clear('Glasswing', 'urethane-2k', 'Two-part Clear', 'gloss', 100, 80),
    ...bottles('Glasswing', 'release', [['Chipping Fluid', 'release', null, 35, 27]]),
  ]
  const priced = shelf.map((bottle) => ({ ...bottle, price: priceOf(bottle) }))
  return priced.map((bottle): Bottle => {
    if (bottle.name === 'Bone White')
      return { ...bottle, share: 0.8, note: 'Thinned for the airbrush.' }
    if (bottle.name === 'Lamp Black' || bottle.name === 'Gloss Black')
      return { ...bottle, strength: 3 }
    if (bottle.name !== 'Mountain Cream') return bottle
    const decantedAt = new Date(now - 9 * 3600_000).toISOString()
    return { ...bottle, state: 'decanted', decantedAt, note: 'Decanted; the lid rests loose.' }
  })
}

/** What a bottle cost: something for the bottle, something for what is in it. */
function priceOf({ sizeMl }: Bottle): number {
  return Number((1.4 + sizeMl * 0.08).toFixed(1))
}
