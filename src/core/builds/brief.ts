import type { BriefPoint, PointState } from '../model/brief'
import type { Build } from '../model/build'
import { newestOf } from '../model/newestPicture'
import type { Picture } from '../model/picture'

/** A point of a brief with the picture that shows how it stands: its own, or the newest of the build. */
export type ReviewedPoint = { point: BriefPoint; picture: Picture | null }

/** What is asked of a point that isn't done: a reason. */
const WANTS_WHY: Record<PointState, boolean> = {
  wanted: false,
  done: false,
  waived: true,
  'not-possible': true,
}

/** Must it be said why a point stands like this? */
export function wantsWhy(state: PointState): boolean {
  return WANTS_WHY[state]
}

/** The points of a build's brief, each with its picture, and how many still want something. Source: handbook 13.2. */
export function briefReview(
  { id, brief }: Build,
  pictures: readonly Picture[],
): { points: ReviewedPoint[]; open: number } {
  const newest = newestOf(pictures, { build: id }) ?? null
  const points = (brief?.points ?? []).map((point) => ({
    point,
    picture: pictures.find((one) => one.id === point.picture) ?? newest,
  }))
  return { points, open: points.filter(({ point }) => isOpen(point)).length }
}

/** It is wanted, or was left without a reason. */
function isOpen({ state, why }: BriefPoint): boolean {
  return state === 'wanted' || (wantsWhy(state) && !why?.trim())
}
