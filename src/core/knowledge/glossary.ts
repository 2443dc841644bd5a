/** A word of the hobby and what is meant by it here. Source: handbook 1 to 6. */
export type GlossaryRow = { word: string; means: string }

/** The words that plans and findings use, in the order of the alphabet. */
export const GLOSSARY: readonly GlossaryRow[] = [
  {
    word: 'Chipping',
    means:
      'small damage to paint: sponged or brushed on, or opened with water over a release coat or salt',
  },
  {
    word: 'Clean-up',
    means: 'wiping what ran beside a line off the face, with the thinner of the wash on a swab',
  },
  {
    word: 'Clear',
    means: 'a film without colour that protects, evens the sheen, or parts what must not meet',
  },
  { word: 'Clear colour', means: 'tinted clear: what lies under it shows through' },
  { word: 'Coat', means: 'one pass over the part: mist, light, wet, or flooded on' },
  {
    word: 'Cured',
    means: 'hard all the way through: solvents that softened it before leave it alone',
  },
  {
    word: 'Decant',
    means: 'to spray a can into a cup, let it gas off, and use it in the airbrush',
  },
  {
    word: 'Drybrush',
    means: 'a brush nearly without paint, dragged over edges so that only they catch it',
  },
  {
    word: 'Dust, mud, soot',
    means: 'weathering laid where it would settle: low, in corners, behind exhausts',
  },
  { word: 'Filter', means: 'very thin colour over all that shifts the tone and leaves no edges' },
  {
    word: 'Flash',
    means:
      'the minutes after a coat in which most of its solvent leaves; the next coat waits for them',
  },
  { word: 'Flow aid', means: 'a drop that lets water paint run: in washes, and against tip-dry' },
  {
    word: 'Gassing off',
    means: 'solvent leaving a film or an open cup; trapped under the next film it blisters',
  },
  { word: 'Lining', means: 'dark paint drawn into panel lines so that they read at the scale' },
  { word: 'Mist', means: 'so light a coat that it lands half dry: it grips and builds nothing' },
  {
    word: 'Oil dots',
    means: 'dots of oil paint pulled down or blended into the face with a nearly dry brush',
  },
  { word: 'Pot life', means: 'how long two-part paint can be used once hardener is in it' },
  {
    word: 'Pre-shade',
    means: 'dark or light laid along lines before the colour, so that thin colour lets it show',
  },
  { word: 'Primer', means: 'the first film: it grips the plastic and gives the colour its ground' },
  {
    word: 'Recoat',
    means: 'from when the next film of the same kind may go on, and with some paints until when',
  },
  {
    word: 'Release coat',
    means: 'a soluble film under a top colour: wetted and scrubbed, the colour chips off over it',
  },
  { word: 'Retarder', means: 'a slow thinner: paint lies wet longer and levels' },
  {
    word: 'Sheen',
    means:
      'gloss, semi-gloss, satin or matt: how light leaves the face; washes run on gloss and stain on matt',
  },
  { word: 'Shield', means: 'a film laid only so that two others never touch' },
  { word: 'Streaks', means: 'thin paint dragged down the way rain takes dirt' },
  {
    word: 'Tack-free, touch-dry',
    means: 'a clean finger leaves no mark, though the film is still soft',
  },
  {
    word: 'Two-part',
    means: 'paint that cures by its hardener: mixed by weight or volume, never by eye',
  },
  {
    word: 'Wash',
    means: 'thin dark paint that runs into recesses by itself; over all, it tints the face too',
  },
  {
    word: 'Window',
    means:
      'the time in which something goes well: a clean-up, a rub, the next coat; it has two ends',
  },
  { word: 'Work', means: 'to blend, drag or wipe a film while it still moves' },
]
