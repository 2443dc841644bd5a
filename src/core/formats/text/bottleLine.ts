import { colourSaid, isColourWord } from '../../colour/saidColour'
import { actRow } from '../../knowledge/acts'
import { familyRow } from '../../knowledge/families'
import type { Bottle } from '../../model/bottle'
import type { Family, Role, Sheen } from '../../model/vocabulary'
import { type Item, itemsOf } from './items'
import { lexiconOf } from './lexicon'
import { senseOf } from './openings'
import { tokensOf } from './tokens'

/** What a line says of a bottle, which has no id yet, and what it was taken for without being said. */
export type SaidBottle = {
  bottle: Bottle
  guessed: ('family' | 'role' | 'sheen' | 'colour' | 'sizeMl')[]
}

/** A bottle of paint as it is sold most often, ml. */
const USUAL_ML = 17
const USUAL: { family: Family; role: Role } = { family: 'water-acrylic', role: 'colour' }

const LEXICON = lexiconOf()

/**
 * A bottle from a line: its name first, then in any order its maker, family, what it is for, sheen, colour and size: "Bone White,
 * Ferrowick, alcohol acrylic, 17 ml, #DAD5C4". What isn't said is guessed from the words of its name, else taken from the bottle before.
 *
 * @param before the last bottle that was put on the shelf
 * @returns null where there is no name
 */
export function readBottleLine(line: string, before?: Bottle): SaidBottle | null {
  const [first = '', ...rest] = line.split(',').map((piece) => piece.trim())
  if (first === '') return null
  const said = rest.map(readPiece)
  const own = readPiece(first)
  const named = said.find(({ isNothing }) => isNothing)?.text
  const found = <F extends keyof Told>(field: F) =>
    said.find((piece) => piece[field] !== undefined)?.[field]
  const role = found('role') ?? own.role ?? roleOf(found('family') ?? own.family)
  const isLike = role === undefined || role === before?.role
  const family = found('family') ?? own.family ?? (isLike ? before?.family : familyFor(role))
  const colour = found('colour') ?? own.colour
  const sheen = found('sheen') ?? own.sheen
  const sizeMl = found('sizeMl') ?? own.sizeMl ?? before?.sizeMl ?? USUAL_ML
  const bottle: Bottle = {
    id: '',
    name: nameIn(first),
    ...((named ?? before?.maker) ? { maker: named ?? before?.maker } : {}),
    family: family ?? USUAL.family,
    role: role ?? (found('family') === undefined && ranged(before) ? before.role : USUAL.role),
    ...(sheen ? { sheen } : {}),
    ...(colour && role !== 'clear' && role !== 'thinner' ? { colour } : {}),
    sizeMl,
    leftMl: sizeMl,
  }
  const guessed = (['family', 'role', 'sheen', 'colour', 'sizeMl'] as const).filter(
    (field) => bottle[field] !== undefined && found(field) === undefined,
  )
  return { bottle, guessed }
}

/** Roles that come in ranges: one bottle of them is mostly followed by another. */
const RANGES: readonly Role[] = [
  'colour',
  'metal',
  'wash',
  'filter',
  'oil',
  'pigment',
  'clear-colour',
]

function ranged(before: Bottle | undefined): before is Bottle {
  return before !== undefined && RANGES.includes(before.role)
}

type Told = {
  family?: Family | undefined
  role?: Role | undefined
  sheen?: Sheen | undefined
  colour?: string | undefined
  sizeMl?: number | undefined
}

/** What one piece of a line tells; a piece that tells nothing is a maker. */
function readPiece(text: string): Told & { text: string; isNothing: boolean } {
  const items = itemsOf(tokensOf(text), LEXICON)
  const told: Told = {}
  for (const item of items) {
    const field = senseOf(item, 'field')?.says
    const sheen = senseOf(item, 'sheen')?.sheen
    if (field?.family) told.family ??= field.family
    if (sheen) told.sheen ??= sheen
    if (item.is === 'token' && item.token.is === 'hex')
      told.colour = colourSaid(item.text) ?? undefined
    if (item.is === 'token' && item.token.is === 'number' && item.token.unit === 'ml')
      told.sizeMl = item.token.value
  }
  // The last word of a name says what it is: a soot powder is a powder.
  told.role = items.map(roleNamed).findLast(Boolean) ?? items.map(roleDone).findLast(Boolean)
  const colours = text.toLowerCase().split(/\s+/).filter(isColourWord)
  told.colour ??= colourSaid(colours.join(' ')) ?? undefined
  const isNothing = Object.values(told).every((value) => value === undefined)
  return { ...told, text, isNothing }
}

/** What a word says that a bottle is for by itself; a solvent is a thinner. */
function roleNamed(item: Item): Role | undefined {
  if (item.is !== 'phrase') return undefined
  for (const sense of item.senses) {
    if (sense.is !== 'field') continue
    if (sense.says.role) return sense.says.role
    if (sense.says.solvent) return 'thinner'
  }
  return undefined
}

/** The role of what is done with it, where a word says that. */
function roleDone(item: Item): Role | undefined {
  if (item.is !== 'phrase') return undefined
  for (const sense of item.senses) {
    if (sense.is !== 'act' || sense.weak) continue
    const role = actRow(sense.acts[0], sense.says?.family).role
    if (role) return role
  }
  return undefined
}

/** What a family is for where nobody says: its own nature. */
function roleOf(family: Family | undefined): Role | undefined {
  const nature = family && familyRow(family).nature
  return nature === undefined ? undefined : ROLE_OF_NATURE[nature]
}

const ROLE_OF_NATURE: Partial<Record<ReturnType<typeof familyRow>['nature'], Role>> = {
  wash: 'wash',
  oil: 'oil',
  metal: 'metal',
  powder: 'pigment',
  paste: 'texture',
  release: 'release',
  decal: 'decal',
  'liquid-mask': 'mask',
}

/** What a bottle of a role is made of most often. */
function familyFor(role: Role | undefined): Family | undefined {
  return role === undefined ? undefined : FAMILY_OF_ROLE[role]
}

const FAMILY_OF_ROLE: Partial<Record<Role, Family>> = {
  primer: 'lacquer',
  clear: 'lacquer',
  wash: 'enamel-wash',
  filter: 'enamel-wash',
  oil: 'oil',
  pigment: 'pigment',
  release: 'release',
  texture: 'texture',
  thinner: 'lacquer',
  mask: 'latex',
}

/** The name without the size that stands in it. */
function nameIn(text: string): string {
  return text.replace(/\s*\d+(?:[.,]\d+)?\s*ml\b/i, '').trim()
}
