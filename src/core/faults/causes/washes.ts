import { CLEAN, cause, type Fault, FILM, WASH } from './fault'

/** Washes and lines. Source: handbook 8. */
export const WASHES_FAULTS = {
  'colour-wiped': {
    on: [CLEAN, WASH],
    causes: [
      cause(
        'no-clear',
        'No clear over the colour',
        0.36,
        [
          ['nothing-sealed-under', 5, 0.08],
          ['moves-for-the-same', 0.8, 1.2],
        ],
        'A clear before the wash',
      ),
      cause(
        'solvent-moves-it',
        'The solvent moves the colour too: enamel under enamel',
        0.26,
        [
          ['moves-for-the-same', 7, 0.15],
          ['attacked-film', 1.6, 0.8],
        ],
        'Another family under the wash, or a clear between',
      ),
      cause(
        'acrylic-rubbed',
        'An acrylic clear was rubbed through',
        0.2,
        [
          ['clear-is-acrylic', 3.5, 0.2],
          ['rubbed-through', 5, 0.9],
          ['rubbed-hard', 4, 0.5],
        ],
        'Solvent, not scrubbing: a few passes, then a fresh swab',
      ),
      cause(
        'window-missed',
        'Its window was missed, so it was rubbed hard',
        0.18,
        [
          ['cleaned-too-late', 9, 0.2],
          ['rubbed-hard', 2, 0.7],
        ],
        'Clean up inside the window',
      ),
    ],
  },
  'wash-wont-run': {
    on: [WASH],
    causes: [
      cause(
        'matt-surface',
        'A matt surface',
        0.36,
        [
          ['face-was-matt', 7, 0.12],
          ['laid-on-matt', 2, 0.7],
        ],
        'Gloss or satin under the wash',
      ),
      cause(
        'too-thick',
        'It is too thick',
        0.2,
        [
          ['little-thinner', 6, 0.3],
          ['much-thinner', 0.1, 1.2],
          ['mixed-thick', 6, 0.4],
        ],
        'Thin it until it runs from the brush by itself',
      ),
      cause(
        'not-stirred',
        'It was not stirred',
        0.12,
        [['not-stirred', 8]],
        'Stir washes until nothing lies on the bottom',
      ),
      cause(
        'surface-tension',
        'The surface tension of water',
        0.18,
        [
          ['is-water', 3, 0.03],
          ['no-flow-aid', 2, 0.12],
        ],
        'Flow aid, at most 6 drops in 3 ml',
      ),
      cause(
        'not-pre-wetted',
        'The face wasn’t wetted first',
        0.07,
        [['not-pre-wetted', 4, 0.3]],
        'Wet the face with thinner first',
      ),
      cause(
        'greasy',
        'A greasy surface',
        0.07,
        [
          ['drips-of-greasy-water', 9, 0.3],
          ['not-degreased', 1.8, 0.8],
        ],
        'Degrease, then gloves',
      ),
    ],
  },
  'wash-wont-clean': {
    on: [WASH],
    causes: [
      cause(
        'matt-surface',
        'A matt surface',
        0.34,
        [
          ['face-was-matt', 7, 0.15],
          ['laid-on-matt', 1.8, 0.7],
        ],
        'Gloss under the wash',
      ),
      cause(
        'window-missed',
        'Its window was missed',
        0.34,
        [
          ['cleaned-too-late', 8, 0.2],
          ['sets-fast', 0.35, 1.1],
          ['was-hot', 0.35, 1.1],
        ],
        'A shorter wait',
      ),
      cause(
        'sets-fast',
        'A fast-setting enamel',
        0.16,
        [['sets-fast', 7, 0.3]],
        'A slower wash, or small areas at a time',
      ),
      cause(
        'too-hot',
        'Too hot a room',
        0.16,
        [
          ['was-hot', 7, 0.25],
          ['room-was-hot', 5, 0.5],
        ],
        'Work it in a cool room',
      ),
    ],
  },
  'wash-left-lines': {
    on: [CLEAN, WASH],
    causes: [
      cause(
        'too-early',
        'It was cleaned too early',
        0.4,
        [['cleaned-too-early', 9, 0.2]],
        'Wait until the wash is dull',
      ),
      cause(
        'brush-too-wet',
        'Too wet a brush',
        0.34,
        [
          ['brush-was-soaked', 5, 0.6],
          ['brush-was-wet', 6, 0.35],
          ['with-a-swab', 0.6, 1.1],
        ],
        'A brush that is damp, not wet',
      ),
      cause(
        'swab-in-the-line',
        'The swab went into the line',
        0.26,
        [
          ['with-a-swab', 3.5, 0.15],
          ['brush-was-soaked', 0.6, 1],
          ['swab-went-in', 6, 0.3],
        ],
        'A flat swab, across the lines',
      ),
    ],
  },
  'tide-marks': {
    on: [WASH, FILM],
    causes: [
      cause(
        'dried-from-edge',
        'A water wash dried from the edge',
        0.36,
        [
          ['is-water', 2.5, 0.15],
          ['tide-risk', 1.6, 0.7],
          ['was-hot', 2, 0.9],
          ['was-dry', 2, 0.9],
        ],
        'Work small faces, and keep the edge wet',
      ),
      cause(
        'pooled',
        'Pooling: it stood in pools',
        0.28,
        [
          ['laid-wet', 6, 0.5],
          ['wicked', 1.2, 0.08],
        ],
        'Wick up pools as they form',
      ),
      cause(
        'no-flow-aid',
        'No flow aid in it',
        0.2,
        [
          ['no-flow-aid', 1.8, 0.05],
          ['is-water', 1.6, 0.1],
        ],
        'Flow aid in water washes',
      ),
      cause(
        'stood-tilted',
        'The part stood tilted',
        0.16,
        [['stood-tilted', 9, 0.3]],
        'Lay the face level while it dries',
      ),
    ],
  },
  'drawn-lines': {
    on: [WASH, FILM],
    causes: [
      cause(
        'too-black',
        'The line is too black for the face',
        0.56,
        [
          ['contrast-too-strong', 5, 0.6],
          ['line-is-dark', 4, 0.5],
        ],
        'A line in the contrast band',
      ),
      cause(
        'too-wide',
        'The line is too wide for the scale',
        0.44,
        [
          ['scale-is-small', 3, 0.6],
          ['by-pen', 2.5, 0.9],
          ['marks-are-big', 5, 0.9],
          ['marks-were-large', 5, 0.4],
        ],
        'A finer tip, a thinner wash',
      ),
    ],
  },
  'too-stark': {
    on: [WASH, FILM],
    causes: [
      cause(
        'contrast',
        'Its contrast is too strong',
        0.56,
        [
          ['contrast-too-strong', 5, 0.6],
          ['line-is-dark', 4, 0.5],
        ],
        'Try it on a test panel first',
      ),
      cause(
        'scale',
        'Its marks are too large for the scale',
        0.44,
        [
          ['scale-is-small', 3, 0.6],
          ['marks-are-big', 5, 0.8],
          ['marks-were-large', 6, 0.4],
        ],
        'Smaller marks, fewer of them',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
