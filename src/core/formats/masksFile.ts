import * as v from 'valibot'
import { hexField, idField, nameField, ranged } from '../model/fields'
import { formatProblem, type Parsed, type Problem, parse, quote } from '../model/input'
import { coatsByCover } from '../places/coatsByCover'
import { type ColourOrder, type MaskProblem, MOST_COLOURS, maskOrder } from '../places/maskOrder'
import { PRIMER } from '../stack/state/filmColours'
import { doubled, unknownId } from './brokenBuild'
import { paintSchema, paintWarnings } from './paintFields'
import { round } from './round'

const MASKS_FORMAT = 'tectoria-masks'
const COLOURS = `a list of 1 to ${MOST_COLOURS} colours`
const ZONES = 'a list of 1 to 200 zones'

/** Zones and colours to be put in order. Source: docs/formats.md, handbook 12.3. */
export const masksSchema = v.looseObject({
  format: v.literal(MASKS_FORMAT),
  version: v.literal(1),
  base: v.optional(hexField),
  colours: v.pipe(
    v.array(
      v.looseObject({
        ...paintSchema.entries,
        id: idField,
        name: v.optional(nameField),
        film: v.optional(ranged(0.01, 20)),
      }),
      COLOURS,
    ),
    v.minLength(1, COLOURS),
    v.maxLength(MOST_COLOURS, COLOURS),
  ),
  zones: v.pipe(
    v.array(
      v.looseObject({
        id: idField,
        name: v.optional(nameField),
        colour: idField,
        areaCm2: ranged(0.01, 100000, 'cm²'),
      }),
      ZONES,
    ),
    v.minLength(1, ZONES),
    v.maxLength(200, ZONES),
  ),
  edges: v.optional(
    v.pipe(
      v.array(
        v.looseObject({
          a: idField,
          b: idField,
          mm: ranged(0, 100000, 'mm'),
          soft: v.optional(v.boolean()),
        }),
      ),
      v.maxLength(2000, 'a list of up to 2000 edges'),
    ),
  ),
})

/** A mask request that was read. */
export type MasksFile = v.InferOutput<typeof masksSchema>

/** Reads a mask request: every zone of a colour that is there, every edge between two zones. */
export function readMasks(value: unknown): Parsed<MasksFile> {
  const problem = formatProblem(value, MASKS_FORMAT, 1)
  if (problem) return { ok: false, problems: [problem] }
  const read = parse(masksSchema, value)
  if (!read.ok) return read
  const problems = namesWrong(read.value)
  return problems.length > 0 ? { ok: false, problems } : read
}

function namesWrong({ colours, zones, edges = [] }: MasksFile): Problem[] {
  const known = new Set(colours.map(({ id }) => id))
  const places = new Set(zones.map(({ id }) => id))
  const ends = edges.flatMap(({ a, b }, i) =>
    a === b
      ? [{ path: `edges[${i}].b`, found: quote(b), expected: 'another zone than a' }]
      : [
          ...unknownId(places, a, `edges[${i}].a`, 'zone'),
          ...unknownId(places, b, `edges[${i}].b`, 'zone'),
        ],
  )
  return [
    ...doubled(colours, 'colours'),
    ...doubled(zones, 'zones'),
    ...zones.flatMap(({ colour }, i) => unknownId(known, colour, `zones[${i}].colour`, 'colour')),
    ...ends,
  ]
}

/** A mask request as colours and zones by their places. */
function problemOf({ base = PRIMER, colours, zones, edges = [] }: MasksFile): MaskProblem {
  const zoneAt = new Map(zones.map(({ id }, i) => [id, i]))
  const colourAt = new Map(colours.map(({ id }, i) => [id, i]))
  return {
    colours: colours.length,
    zones: zones.map(({ id, colour, areaCm2 }) => ({
      id,
      colour: colourAt.get(colour) as number,
      areaCm2,
    })),
    edges: edges.map(({ a, b, mm, soft = false }) => ({
      a: zoneAt.get(a) as number,
      b: zoneAt.get(b) as number,
      mm,
      soft,
    })),
    coatsOver: coatsByCover(colours, base),
  }
}

/** The answer of `masks`. Source: docs/formats.md, handbook 12.3. */
export function masksAnswer(file: MasksFile) {
  const { colours, zones } = file
  const { order, minutes, masks, second } = maskOrder(problemOf(file))
  const idOf = (colour: number) => (colours[colour] as MasksFile['colours'][number]).id
  const said = (one: ColourOrder) => ({
    order: one.order.map(idOf),
    minutes: round(one.minutes, 2),
  })
  return {
    format: 'tectoria-masks-answer',
    version: 1,
    ...said({ order, minutes }),
    maskings: masks.length,
    masks: masks.map(({ colour, zone, mm, minutes: mask, stays }) => ({
      for: idOf(colour),
      zone: (zones[zone] as MasksFile['zones'][number]).id,
      mm,
      minutes: round(mask, 2),
      stays,
    })),
    second: second && said(second),
    warnings: paintWarnings(colours.map(({ masstone }) => masstone)),
  } as const
}
