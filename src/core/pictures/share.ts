import { deltaE00, type Lab } from '../colour/spectrum'

/** Which share of a face is something, and how sure that is. */
export type CountedShare = {
  /** 0 to 1. */
  share: number
  /** What it would be with the threshold a tenth nearer to either side. */
  from: number
  to: number
}

/** The threshold is moved by so much to see how sure a share is. Source: handbook 13.1. */
const MOVED = 0.1

/**
 * The share of marked samples that are more like one kind than the other, by two means in Lab.
 *
 * The line between them that samples divide at is where their density is least, looked for between the two: colours that are mixed at
 * the rim of a mark are counted by how much of each is in them.
 *
 * @param face colours of the face, sample by sample
 * @param is colours that were marked as being it, and `isnt` as not
 * @throws RangeError if a kind has no sample
 * Source: handbook 13.1.
 */
export function countedShare(
  face: readonly Lab[],
  is: readonly Lab[],
  isnt: readonly Lab[],
): CountedShare {
  if (is.length === 0 || isnt.length === 0)
    throw new RangeError('countedShare: a kind has no sample')
  let [own, other] = [meanOf(is), meanOf(isnt)]
  for (let round = 0; round < ROUNDS; round++) {
    const near = face.filter((lab) => along(lab, other, own) > 0.5)
    const far = face.filter((lab) => along(lab, other, own) <= 0.5)
    own = drawnTo(is, near)
    other = drawnTo(isnt, far)
  }
  const places = face.map((lab) => along(lab, other, own))
  const over = (line: number) =>
    places.filter((place) => place > line).length / Math.max(1, places.length)
  return { share: over(0.5), from: over(0.5 + MOVED / 2), to: over(0.5 - MOVED / 2) }
}

/** Rust that grew by less than so much of itself between two looks stands still: it may be sealed. Source: handbook 13.1. */
const STILL = 0.05

/** Looks nearer to each other than this say nothing by day. */
const LEAST_DAYS = 0.25

/** What was counted of a face, and when that was, epoch milliseconds; null: nobody knows. */
export type CountedLook = { share: number; at: number | null }

/** How a share grew from one look to the later one, whichever comes first. */
export type Growth = {
  /** As a part of what it was. */
  by: number
  /** The same by day; null where the looks have no days between them. */
  perDay: number | null
  days: number | null
  still: boolean
  /** The second look is the earlier one. */
  backwards: boolean
}

/** How a share grew between two looks. @param one and `other` in the order that they are told, where nobody knows when they were */
export function grownBetween(one: CountedLook, other: CountedLook): Growth {
  const backwards = one.at !== null && other.at !== null && other.at < one.at
  const [before, after] = backwards ? [other, one] : [one, other]
  const by =
    before.share > 0 ? (after.share - before.share) / before.share : after.share > 0 ? 1 : 0
  const days =
    before.at === null || after.at === null ? null : (after.at - before.at) / (24 * 3_600_000)
  const dated = days !== null && days >= LEAST_DAYS ? days : null
  return {
    ...{ by, days: dated, backwards, still: Math.abs(by) < STILL },
    perDay: dated === null ? null : by / dated,
  }
}

const ROUNDS = 6

function meanOf(labs: readonly Lab[]): Lab {
  const sum = labs.reduce((all, { l, a, b }) => ({ l: all.l + l, a: all.a + a, b: all.b + b }), {
    l: 0,
    a: 0,
    b: 0,
  })
  return { l: sum.l / labs.length, a: sum.a / labs.length, b: sum.b / labs.length }
}

/** The mean of what was marked and of what is like it, each weighing half. */
function drawnTo(marked: readonly Lab[], alike: readonly Lab[]): Lab {
  if (alike.length === 0) return meanOf(marked)
  return meanOf([meanOf(marked), meanOf(alike)])
}

/** How far a colour is from one to another: 0 at the first, 1 at the second. */
function along(lab: Lab, from: Lab, to: Lab): number {
  const [dl, da, db] = [to.l - from.l, to.a - from.a, to.b - from.b]
  const long = dl * dl + da * da + db * db
  return (
    ((lab.l - from.l) * dl + (lab.a - from.a) * da + (lab.b - from.b) * db) / Math.max(1e-9, long)
  )
}

/** How far two patches differ, each by its mean. ΔE00 and how much lighter the second is. Source: handbook 13.1. */
export function patchesDiffer(
  one: readonly Lab[],
  other: readonly Lab[],
): { deltaE00: number; lighter: number } {
  const [a, b] = [meanOf(one), meanOf(other)]
  return { deltaE00: deltaE00(a, b), lighter: b.l - a.l }
}
