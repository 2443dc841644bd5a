import { CLEAN, cause, type Fault, FILM, PIGMENT } from './fault'

/** Chips and powders. Source: handbook 8. */
export const CHIPPING_FAULTS = {
  'chips-wont-open': {
    on: [{ kind: ['open'] }, FILM],
    causes: [
      cause(
        'top-too-thick',
        'The top is too thick',
        0.27,
        [['top-is-thick', 6, 0.25]],
        'Two light coats over the release',
      ),
      cause(
        'too-hard',
        'The top is too hard by now',
        0.14,
        [
          ['top-grows-hard', 5, 0.4],
          ['top-is-old', 0.8, 1.1],
        ],
        'Chip it the same day',
      ),
      cause(
        'wrong-family',
        'The wrong family: water never gets through',
        0.22,
        [
          ['top-is-watertight', 9, 0.4],
          ['top-resists-water', 4, 0.4],
          ['top-unfriendly', 1.4, 0.8],
        ],
        'An acrylic thinned with alcohol on top',
      ),
      cause('too-late', 'Too late', 0.22, [['top-is-old', 7, 0.15]], 'Chip it the same day'),
      cause(
        'release-too-thin',
        'The release is too thin',
        0.15,
        [['release-was-thin', 7, 0.35]],
        'Two light coats of release',
      ),
    ],
  },
  'chips-sheets': {
    on: [{ kind: ['open'] }, FILM],
    causes: [
      cause(
        'top-not-dry',
        'The top was not dry',
        0.32,
        [['top-was-wet', 9, 0.2]],
        'Chip once it is touch-dry',
      ),
      cause(
        'release-too-thick',
        'The release is too thick',
        0.27,
        [['release-was-thick', 6, 0.35]],
        'Two light coats of release',
      ),
      cause(
        'overthinned-top',
        'An overthinned top',
        0.2,
        [
          ['top-was-thinned', 7, 0.3],
          ['mixed-thin', 4, 0.6],
        ],
        'Less thinner in the top coat',
      ),
      cause(
        'brush-too-wet',
        'The brush was too wet',
        0.21,
        [
          ['brush-was-soaked', 4, 0.9],
          ['chipping-brush-wet', 7, 0.4],
        ],
        'A damp brush, and dry in between',
      ),
    ],
  },
  'undercoat-off': {
    on: [{ kind: ['open'] }, CLEAN, FILM],
    causes: [
      cause(
        'undercoat-not-fast',
        'The undercoat is not water-fast',
        0.54,
        [
          ['undercoat-lets-water', 4, 0.2],
          ['undercoat-was-weak', 2.5, 0.6],
        ],
        'Lacquer under the release',
      ),
      cause(
        'undercoat-not-cured',
        'The undercoat had not cured',
        0.46,
        [
          ['undercoat-was-fresh', 4, 0.15],
          ['undercoat-lets-water', 0.7, 1.3],
        ],
        'Let the undercoat cure, or seal it',
      ),
    ],
  },
  'powders-gone': {
    on: [PIGMENT],
    causes: [
      cause(
        'wet-clear',
        'A wet clear over them',
        0.54,
        [
          ['wet-clear-after', 6, 0.1],
          ['clear-on-powder', 1.6, 0.8],
        ],
        'Powders last, or mist coats',
      ),
      cause(
        'fixer-flooded',
        'The fixer was flooded on',
        0.46,
        [
          ['flooded-after', 6, 0.4],
          ['wet-clear-after', 0.5, 1.3],
          ['fixer-was-flooded', 7, 0.35],
        ],
        'Let fixer creep in from the edge',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
