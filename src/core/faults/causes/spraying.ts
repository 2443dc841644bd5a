import { COLOUR, cause, type Fault, FILM, PRIMER, SPRAYED } from './fault'

/** What spraying does wrong. Source: handbook 8. */
export const SPRAYING_FAULTS = {
  'dusty-spray': {
    on: [SPRAYED, FILM],
    causes: [
      cause('too-far', 'Sprayed from too far', 0.26, [['held-far', 8, 0.4]], 'Closer'),
      cause(
        'too-hot',
        'Too hot',
        0.22,
        [
          ['was-hot', 7, 0.2],
          ['too-hot-to-spray', 1.5, 0.9],
        ],
        'Retarder in the heat',
      ),
      cause(
        'pressure-high',
        'The pressure was too high',
        0.16,
        [['pressure-was-high', 9, 0.4]],
        'Less pressure',
      ),
      cause(
        'much-alcohol',
        'Too much alcohol',
        0.18,
        [['with-alcohol', 5, 0.25]],
        'Its own thinner, or retarder with the alcohol',
      ),
      cause(
        'dried-in-the-air',
        'It dried before landing',
        0.18,
        [
          ['was-dry', 6, 0.4],
          ['no-retarder', 1.5, 0.2],
        ],
        'Retarder',
      ),
    ],
  },
  runs: {
    on: [SPRAYED, FILM],
    causes: [
      cause(
        'too-thin',
        'The mix was too thin',
        0.27,
        [
          ['much-thinner', 6, 0.25],
          ['mixed-thin', 6, 0.4],
        ],
        'Less thinner',
      ),
      cause(
        'too-slow',
        'Too slow: it stays wet too long',
        0.14,
        [
          ['much-retarder', 8, 0.5],
          ['was-cold', 2.5, 0.8],
        ],
        'Less retarder',
      ),
      cause(
        'too-near',
        'Sprayed from too near',
        0.24,
        [['held-near', 8, 0.4]],
        'Farther off, and quicker',
      ),
      cause(
        'too-wet',
        'The coats were too wet',
        0.35,
        [
          ['laid-wet', 4, 0.3],
          ['next-coat-too-soon', 2.5, 0.9],
        ],
        'More, thinner coats',
      ),
    ],
  },
  'spider-lines': {
    on: [SPRAYED, FILM],
    causes: [
      cause(
        'too-thin-and-near',
        'Too thin and too near',
        0.54,
        [
          ['much-thinner', 4, 0.5],
          ['mixed-thin', 4, 0.5],
          ['held-near', 4, 0.5],
        ],
        'Less thinner, and farther off',
      ),
      cause(
        'pressure-high',
        'The pressure was too high',
        0.46,
        [
          ['pressure-was-high', 9, 0.3],
          ['much-thinner', 0.8, 1.3],
        ],
        'Less pressure',
      ),
    ],
  },
  'tip-dry': {
    on: [SPRAYED, FILM],
    causes: [
      cause(
        'no-retarder',
        'No retarder or flow aid',
        0.44,
        [
          ['no-retarder', 2.5, 0.05],
          ['is-water', 1.3, 0.9],
        ],
        'A drop of retarder or flow aid',
      ),
      cause(
        'hot-dry-air',
        'Hot dry air',
        0.32,
        [
          ['was-hot', 6, 0.4],
          ['was-dry', 5, 0.6],
        ],
        'Retarder in the heat',
      ),
      cause(
        'big-pigment',
        'Big pigment for the nozzle',
        0.24,
        [['is-metallic', 5, 0.3]],
        'A wider nozzle, and strain it',
      ),
    ],
  },
  'fish-eyes': {
    on: [SPRAYED, FILM],
    causes: [
      cause(
        'grease',
        'Grease',
        0.46,
        [
          ['never-washed', 2.5, 0.4],
          ['not-degreased', 2.5, 0.6],
          ['touched-with-fingers', 5, 0.5],
          ['is-resin', 0.6, 1],
        ],
        'Degrease, then gloves',
      ),
      cause(
        'silicone',
        'Silicone',
        0.3,
        [['near-silicone', 9, 0.25]],
        'Keep polish and hand cream away from the bench',
      ),
      cause(
        'wax',
        'Wax or mould release',
        0.24,
        [
          ['is-resin', 8, 0.4],
          ['never-washed', 1.6, 0.4],
          ['mould-release-on-it', 6, 0.4],
        ],
        'Wash parts as they come out of the mould',
      ),
    ],
  },
  'uneven-cover': {
    on: [COLOUR, FILM],
    causes: [
      cause(
        'weak-over-primer',
        'A weak pigment over the wrong primer',
        0.56,
        [
          ['covers-too-little', 6, 0.25],
          ['much-thinner', 0.7, 1.2],
        ],
        'A ground coat that suits the colour',
      ),
      cause(
        'overthinned',
        'Overthinned',
        0.44,
        [
          ['much-thinner', 7, 0.25],
          ['mixed-thin', 5, 0.5],
          ['too-few-coats', 2, 0.9],
        ],
        'Less thinner, or more coats',
      ),
    ],
  },
  'primer-texture': {
    on: [PRIMER, FILM],
    causes: [
      cause(
        'too-dry',
        'It went on too dry',
        0.56,
        [
          ['laid-dry', 5, 0.6],
          ['held-far', 5, 0.6],
          ['was-dry', 2, 0.9],
          ['was-hot', 3, 0.8],
        ],
        'A wetter last coat',
      ),
      cause(
        'cold-can',
        'The can was cold',
        0.44,
        [
          ['from-a-can', 2, 0.03],
          ['can-in-the-cold', 6, 0.5],
          ['can-was-cold', 7, 0.3],
        ],
        'Warm the can first',
      ),
    ],
  },
  'closed-lines': {
    on: [FILM],
    causes: [
      cause(
        'coats-too-thick',
        'The coats were too thick',
        0.54,
        [
          ['many-coats-in-all', 4, 0.4],
          ['laid-wet', 3, 0.6],
          ['lines-close-up', 1.5, 0.8],
        ],
        'Thinner coats',
      ),
      cause(
        'lines-too-shallow',
        'The lines are too shallow',
        0.46,
        [
          ['lines-are-shallow', 7, 0.25],
          ['lines-were-shallow', 7, 0.35],
        ],
        'Scribe lines before the primer',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
