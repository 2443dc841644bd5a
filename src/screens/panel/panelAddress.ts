import { parseAsFloat, parseAsInteger, parseAsString, parseAsStringLiteral } from 'nuqs'
import { LAYOUTS, SHOWS } from '@/core/model/panelFormat'

/** What the address tells of it: a link or a reload leads back to the same. */
export const ADDRESS = {
  of: parseAsString,
  /** The zone of a part, by its id. */
  zone: parseAsString,
  layout: parseAsStringLiteral(LAYOUTS),
  show: parseAsStringLiteral(SHOWS).withDefault('lit'),
  /** After so many steps, or after the one of this id. */
  at: parseAsInteger,
  step: parseAsString,
  seed: parseAsInteger.withDefault(1),
  /** How far the eye is, mm. */
  away: parseAsInteger.withDefault(0),
  /** The id of what is compared with; `own`: what the build has. */
  with: parseAsString,
  stop: parseAsFloat,
  /** On the part itself. */
  on: parseAsString,
}

/** Something else is tried: nothing of the address is meant for it. */
export const ANEW = {
  zone: null,
  at: null,
  step: null,
  with: null,
  layout: null,
  stop: null,
  on: null,
} as const

/** The build as it is, as what is compared with. */
export const OWN = 'own'

/** Not on a panel, but on the part. */
export const ON_PART = 'part'
