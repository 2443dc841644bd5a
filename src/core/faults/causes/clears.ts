import { CLEAN, CLEAR, cause, type Fault, FILM, POLISH, SPRAYED } from './fault'

/** Clears that went wrong. Source: handbook 8. */
export const CLEARS_FAULTS = {
  'white-frost': {
    on: [CLEAR, SPRAYED, FILM],
    causes: [
      cause(
        'damp-air',
        'Damp air',
        0.34,
        [
          ['was-damp', 8],
          ['is-water', 0.4, 1.1],
        ],
        'Spray lacquer and clears below 75 % humidity',
      ),
      cause(
        'cold-can',
        'A cold can',
        0.16,
        [
          ['from-a-can', 3, 0.02],
          ['can-was-cold', 8],
          ['can-in-the-cold', 4, 0.7],
        ],
        'Warm the can in the hand or in warm water first',
      ),
      cause(
        'too-thick',
        'The matt clear went on too thick',
        0.22,
        [
          ['laid-thick', 6, 0.3],
          ['is-matt', 1.3, 0.15],
        ],
        'Matt clear in two thin coats',
      ),
      cause(
        'not-stirred',
        'The matting agent was not stirred up',
        0.16,
        [
          ['is-matt', 1.2, 0.08],
          ['not-stirred', 8],
        ],
        'Stir matt clear until nothing lies on the bottom',
      ),
      cause(
        'wiped-with-spirit',
        'A solvent matt was wiped with spirit',
        0.12,
        [
          ['spirit-after', 12, 0.06],
          ['is-matt', 1.2, 0.2],
        ],
        'Clean up before the matt clear, not after it',
      ),
    ],
  },
  'orange-peel': {
    on: [SPRAYED, FILM],
    causes: [
      cause(
        'too-thick',
        'The mix was too thick',
        0.24,
        [
          ['little-thinner', 6, 0.3],
          ['laid-wet', 1.5, 0.9],
          ['mixed-thick', 6, 0.4],
        ],
        'More thinner',
      ),
      cause('too-far', 'Sprayed from too far', 0.18, [['held-far', 8, 0.4]], 'Closer'),
      cause(
        'too-dry',
        'It went on too dry',
        0.16,
        [
          ['laid-dry', 5, 0.6],
          ['was-dry', 2.5, 0.8],
        ],
        'A wetter last coat, levelling thinner',
      ),
      cause(
        'too-hot',
        'Too hot: it dried before it levelled',
        0.16,
        [
          ['was-hot', 7, 0.2],
          ['room-was-hot', 3, 0.7],
        ],
        'Levelling thinner or retarder in the heat',
      ),
      cause(
        'pressure-low',
        'The pressure was too low',
        0.12,
        [['pressure-was-low', 9, 0.4]],
        'A little more pressure',
      ),
      cause(
        'too-cold',
        'The clear was too cold',
        0.14,
        [
          ['was-cold', 7, 0.3],
          ['can-in-the-cold', 2, 1],
          ['can-was-cold', 5, 0.6],
        ],
        'Warm the paint first',
      ),
    ],
  },
  bubbles: {
    on: [POLISH, CLEAR],
    causes: [
      cause(
        'air-under-decal',
        'Air under a decal',
        0.46,
        [
          ['decals-lie-there', 2.5, 0.05],
          ['bubbles-not-looked-for', 1.4, 0.5],
          ['air-under-it', 4, 0.5],
        ],
        'Lookup for bubbles before the clear',
      ),
      cause(
        'dust',
        'Dust in the clear',
        0.28,
        [['dust-was-on-it', 8, 0.35]],
        'Wipe dust off before the clear',
      ),
      cause(
        'too-early',
        'It was covered or polished too early',
        0.26,
        [
          ['polished-too-early', 6, 0.5],
          ['decal-still-wet', 10, 0.8],
          ['coated-too-early', 3, 0.8],
        ],
        'Wait until it is hard',
      ),
    ],
  },
  'rub-through': {
    on: [POLISH, CLEAN, FILM],
    causes: [
      cause(
        'too-few-coats',
        'Too few coats of clear',
        0.54,
        [['clear-too-thin', 7, 0.3]],
        '3 + 3 coats',
      ),
      cause(
        'pressed-edges',
        'Pressed edges',
        0.46,
        [
          ['edges-rubbed', 4, 0.8],
          ['edges-were-pressed', 7, 0.3],
        ],
        'Stay off edges',
      ),
    ],
  },
  'effect-lost': {
    on: [CLEAR, FILM],
    causes: [
      cause(
        'matt-hides-it',
        'Matt hides contrast',
        0.62,
        [
          ['is-matt', 2.5, 0.15],
          ['matt-over-effect', 2, 0.7],
        ],
        'Make it stronger before a matt clear',
      ),
      cause(
        'clear-dissolved-it',
        'The clear went on wet and took it',
        0.2,
        [
          ['laid-wet', 4, 0.4],
          ['attacked-film', 4, 0.7],
        ],
        'Mist coats first',
      ),
      cause(
        'was-faint',
        'It was faint already',
        0.18,
        [['effect-was-weak', 8, 0.4]],
        'Stronger first',
      ),
    ],
  },
  cracks: {
    on: [CLEAR, FILM],
    causes: [
      cause(
        'hard-over-soft',
        'A hard film over a soft one',
        0.46,
        [
          ['hard-on-soft', 8, 0.25],
          ['under-was-soft', 1.6, 0.5],
        ],
        'Fat over lean',
      ),
      cause('too-thick', 'It is too thick', 0.3, [['laid-thick', 5, 0.35]], 'Thin coats, each dry'),
      cause(
        'flexes',
        'Flexing: the part bends',
        0.24,
        [
          ['is-vinyl', 8, 0.5],
          ['part-flexes', 8, 0.35],
        ],
        'Soft paint on what bends',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
