import { cause, type Fault, FILM, WASH } from './fault'

/** What a part and its films do to each other. Source: handbook 8. */
export const PARTS_FAULTS = {
  wrinkles: {
    on: [FILM],
    causes: [
      cause(
        'hot-solvent',
        'A hot solvent over an uncured film',
        0.42,
        [
          ['attacked-film', 6, 0.2],
          ['hot-solvent', 2.5, 0.6],
          ['over-its-own-kind', 0.35, 1.2],
          ['under-was-fresh', 1.6, 0.6],
        ],
        'Let it cure, or shield it, before a hotter solvent goes on',
      ),
      cause(
        'hard-over-soft',
        'A hard film over a soft one',
        0.26,
        [
          ['hard-on-soft', 9, 0.25],
          ['under-was-fresh', 0.6, 1.4],
          ['attacked-film', 0.7, 1.1],
        ],
        'Fat over lean: the slow film last',
      ),
      cause(
        'bad-window',
        'The second coat went on inside the bad window',
        0.32,
        [
          ['over-its-own-kind', 5, 0.3],
          ['coated-too-early', 2.5, 0.5],
          ['next-coat-too-soon', 3, 0.9],
        ],
        'The next coat at once, or once it has cured',
      ),
    ],
  },
  'lifts-with-tape': {
    on: [{ kind: ['mask', 'unmask'] }, FILM],
    causes: [
      cause(
        'no-primer',
        'No primer under it',
        0.28,
        [
          ['no-primer-there', 6, 0.1],
          ['not-primed', 2.5, 0.8],
        ],
        'Prime, at the least what is taped',
      ),
      cause(
        'greasy',
        'A greasy surface',
        0.2,
        [
          ['never-washed', 2.5, 0.3],
          ['not-degreased', 2, 0.7],
          ['touched-with-fingers', 6, 0.5],
        ],
        'Wash and degrease, then gloves',
      ),
      cause(
        'tape-too-early',
        'The tape came too early',
        0.28,
        [['taped-too-early', 9, 0.2]],
        'Tape from the milestone on',
      ),
      cause(
        'tape-too-strong',
        'The tape was too strong',
        0.14,
        [
          ['tape-was-strong', 7, 0.4],
          ['tape-stayed', 3, 0.8],
        ],
        'Let the tape down on the hand, pull it back low',
      ),
      cause(
        'resin-undercured',
        'Undercured printed resin',
        0.1,
        [
          ['is-printed', 5, 0.02],
          ['feels-sticky', 6, 0.5],
        ],
        'Cure printed parts in the light until they are dry to the touch',
      ),
    ],
  },
  sticky: {
    on: [FILM],
    causes: [
      cause(
        'enamel-on-vinyl',
        'Enamel on soft vinyl',
        0.18,
        [
          ['is-vinyl', 8, 0.01],
          ['is-enamel', 3, 0.1],
          ['never-cures-there', 3, 0.8],
        ],
        'Acrylic or vinyl paint on vinyl',
      ),
      cause(
        'laid-thick',
        'Thick enamel or oil',
        0.3,
        [
          ['is-enamel', 2, 0.25],
          ['laid-thick', 4, 0.4],
          ['is-vinyl', 0.4, 1],
        ],
        'Thin coats of slow paint',
      ),
      cause(
        'cold',
        'It is cold or damp',
        0.26,
        [
          ['room-was-slow', 6, 0.25],
          ['room-was-cold', 4, 0.6],
        ],
        'A warmer room',
      ),
      cause(
        'off-ratio',
        'Two-part paint off its ratio',
        0.14,
        [
          ['is-two-part', 5, 0.01],
          ['ratio-was-guessed', 6, 0.3],
          ['pot-life-over', 2, 0.9],
        ],
        'Weigh paint and hardener',
      ),
      cause(
        'resin-residue',
        'Printed resin residue',
        0.12,
        [
          ['is-printed', 6, 0.01],
          ['feels-sticky', 5, 0.5],
        ],
        'Wash printed parts and cure them in the light',
      ),
    ],
  },
  'plastic-cracked': {
    on: [WASH, FILM],
    causes: [
      cause(
        'spirit-pooled',
        'Spirit pooled in a joint',
        0.56,
        [
          ['spirit-on-a-joint', 4, 0.2],
          ['laid-wet', 2, 0.8],
          ['attacked-plastic', 2, 0.8],
        ],
        'Don’t flood: a little, and wick it up',
      ),
      cause(
        'stressed-joint',
        'A joint under stress',
        0.26,
        [['joint-is-stressed', 8, 0.35]],
        'Fit joints without force',
      ),
      cause(
        'bare-joint',
        'Bare plastic inside the joint',
        0.18,
        [['no-primer-there', 4, 0.4]],
        'Primer inside joints',
      ),
    ],
  },
  'glass-fogged': {
    on: [{ act: ['glue-clear', 'assemble'] }, FILM],
    causes: [
      cause(
        'glue-fumes',
        'Cyanoacrylate fumes',
        0.56,
        [
          ['super-glue-used', 7, 0.06],
          ['fumes-on-glass', 1.6, 0.8],
        ],
        'White glue',
      ),
      cause(
        'strong-solvent',
        'A strong solvent',
        0.44,
        [['solvent-was-near', 6, 0.2]],
        'Mask glass, and keep hot thinner away',
      ),
    ],
  },
} as const satisfies Record<string, Fault>
