import * as v from 'valibot'
import { idField, noteField } from './fields'

/** For whom a build is made. Source: handbook 13.2. */
export const BRIEF_FOR = ['self', 'client', 'contest'] as const

/** How near to the reference it must be. Source: handbook 13.2. */
export const BRIEF_NEAR = ['free', 'close', 'exact'] as const

/** How a point of a brief stands. Source: handbook 13.2. */
export const POINT_STATES = ['wanted', 'done', 'waived', 'not-possible'] as const

/** How a point of a brief stands. */
export type PointState = (typeof POINT_STATES)[number]

const pointSchema = v.looseObject({
  id: idField,
  say: v.pipe(
    v.string(),
    v.minLength(1, 'a sentence'),
    v.maxLength(300, 'a sentence of up to 300 characters'),
  ),
  state: v.picklist(POINT_STATES),
  /** Why it is waived. */
  why: noteField,
  /** The picture that shows it. */
  picture: v.optional(idField),
})

/** A point of a brief. */
export type BriefPoint = v.InferOutput<typeof pointSchema>

/** What a build is to be: for whom, how near, and by which points. Source: handbook 13.2. */
export const briefSchema = v.looseObject({
  for: v.optional(v.picklist(BRIEF_FOR)),
  near: v.optional(v.picklist(BRIEF_NEAR)),
  points: v.optional(v.pipe(v.array(pointSchema), v.maxLength(100, 'a list of up to 100 points'))),
})

/** What a build is to be. */
export type Brief = v.InferOutput<typeof briefSchema>
