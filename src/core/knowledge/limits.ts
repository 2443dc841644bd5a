import type { Act, Coat, WETTED } from '../model/vocabulary'

/** How long a coat or any other act takes unless its step says, minutes. Source: docs/formats.md. */
export const ACT_MINUTES = 5

/** Two-part paint can be sprayed for this long after mixing unless its sheet says, minutes. Source: handbook 3.1. */
export const POT_LIFE = 3 * 60

/** Rust grows on reactive iron for this long after the activator, minutes. Source: handbook 3.1, 3.4. */
export const IRON_SETTLES = { from: 1440, to: 5 * 1440 } as const

/** Rubs with a solvent that one place bears in an hour; edges half. Source: handbook 2.6, wear-through. */
export const RUBS_AN_HOUR = { colour: 5, clear: 8 } as const
/** The hour that rubs are counted in, minutes. */
export const RUB_HOUR = 60

/** Most of each additive, percent of the mix. Source: handbook 4.2 (4 drops of flow aid to 10 ml), 4.5 (retarder 2–5 %). */
export const ADDITIVE_CAP = { retarder: 5, flowAid: 2 } as const

/** A wipe with degreaser holds this long, minutes. Source: handbook 2.6, degrease-expired. */
export const DEGREASED_FOR = 4 * 60

/** Minutes until paint may go over salt, by how it was stuck on. Source: handbook 3.1, salt. */
export const SALT_DRY = { tacky: 30, wet: 3 * 60, sprayed: 12 * 60 } as const satisfies Record<
  (typeof WETTED)[number],
  number
>

/** Tape comes off no sooner than so long after the last coat, minutes: before that the edge runs. Source: handbook 3.4. */
export const TAPE_OFF = 5

/** Filler is left alone for a night before it is cut or painted, minutes. Source: handbook 6, clean-up. */
export const FILLER_CURES = 12 * 60

/** Strong glue goes on gassing in the joint for so long, minutes. Source: handbook 6, clean-up. */
export const GLUE_CURES = 4 * 60

/** Decanted paint gasses off for this long, minutes. Source: handbook 3.4, 9. */
export const GASSES_OFF = { from: 12 * 60, to: 24 * 60 } as const

/** Grits follow one another by no more than this factor. Source: handbook 6, clean-up. */
export const GRIT_STEP = 2

/** Wet film of one coat, µm. Source: handbook 4.4. */
export const WET_MICRONS = { mist: 8, light: 15, wet: 30, flood: 60 } as const satisfies Record<
  Coat,
  number
>

/** Share of the wet film that stays as it dries: ten coats make 40 to 90 µm. Source: handbook 6, rescribe. */
export const DRY_SHARE = 1 / 3

/** Clear taken off a face by one levelling, µm; edges lose twice as much. A starting point. Source: handbook 2.6, edge-rub-through. */
export const CUT_MICRONS = { cut: 4, compound: 1 } as const

/** Smallest mark of an act's tool, mm on the model. Source: handbook 10.1. */
export const SMALLEST_MARK: Partial<Record<Act, number>> = {
  'chip-sponge': 0.2,
  'chip-brush': 0.1,
  scratch: 0.05,
  pencil: 0.3,
  salt: 0.3,
}
