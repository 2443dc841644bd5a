import { CLEAR, cause, DECAL, type Fault, METAL } from './fault'

/** Decals and metals. Source: handbook 8. */
export const SHINE_FAULTS = {
  silvering: {
    on: [DECAL, CLEAR],
    causes: [
      cause(
        'matt-surface',
        'A matt surface under the decals',
        0.46,
        [
          ['decal-on-matt', 6, 0.2],
          ['face-was-matt', 3, 0.4],
        ],
        'Gloss under decals',
      ),
      cause(
        'air-under-it',
        'Air under them',
        0.26,
        [['air-under-it', 8, 0.4]],
        'Press the air out from the middle',
      ),
      cause(
        'no-fluid',
        'No fluid to soften them',
        0.28,
        [['no-softener-used', 3, 0.08]],
        'Fluid under and over them',
      ),
    ],
  },
  'decal-wrinkled': {
    on: [DECAL],
    causes: [
      cause(
        'strong-fluid',
        'A strong fluid',
        0.52,
        [
          ['softener-was-strong', 7, 0.5],
          ['fluid-was-strong', 7, 0.4],
          ['no-softener-used', 0.15, 1.3],
        ],
        'A milder fluid, a little at a time',
      ),
      cause(
        'wet-hot-clear',
        'A wet hot clear',
        0.48,
        [
          ['hot-clear-on-decal', 8, 0.3],
          ['wet-clear-after', 3, 0.4],
          ['wet-clear-on-it', 4, 0.6],
        ],
        'Mist coats first',
      ),
    ],
  },
  'metal-dull': {
    on: [METAL],
    causes: [
      cause(
        'clear-over-it',
        'A clear over it',
        0.48,
        [
          ['clear-after', 5, 0.04],
          ['clear-dulls-metal', 2, 0.7],
        ],
        'A clear that suits it, or none',
      ),
      cause(
        'handled',
        'It was handled',
        0.27,
        [
          ['handled-after', 3, 0.6],
          ['touched-too-early', 2.5, 0.8],
          ['handled-bare', 7, 0.4],
        ],
        'Gloves, and hold it by its stick',
      ),
      cause(
        'fluid-on-it',
        'Decal fluid attacked it',
        0.25,
        [['fluid-after', 6, 0.05]],
        'A mild fluid, or a clear first',
      ),
    ],
  },
  'chrome-smeared': {
    on: [METAL],
    causes: [
      cause(
        'touched-early',
        'It was touched early',
        0.54,
        [
          ['touched-too-early', 6, 0.4],
          ['handled-after', 2, 0.5],
          ['handled-bare', 5, 0.5],
        ],
        'Leave it alone for 48 to 72 h',
      ),
      cause(
        'wrong-clear',
        'The wrong clear',
        0.46,
        [
          ['clear-after', 3, 0.05],
          ['clear-dulls-metal', 3, 0.6],
        ],
        'The clear that its maker names',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
