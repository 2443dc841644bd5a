import type { Act } from '../model/vocabulary'

/** How an act is done in one sentence, and what to look for while it is. */
export type Guide = { how: string; lookFor: string }

/** One row an act; figures are starting points. Source: handbook 6. */
export const GUIDE = {
  wash: {
    how: 'Warm water and a drop of soap; rinse, and let it dry fully.',
    lookFor: 'Water that runs off in a sheet, without beads.',
  },
  degrease: {
    how: 'Wipe every face with a clean cloth; from now on only gloves touch it.',
    lookFor: 'No shine of grease or release left in the corners.',
  },
  scribe: {
    how: 'Re-cut lines under 0.15 mm deep; several light pulls along a guide.',
    lookFor: 'An even line that will not close under the coats to come.',
  },
  fill: {
    how: 'Fill a little proud; let it cure before sanding.',
    lookFor: 'No sink after a night.',
  },
  drill: {
    how: 'Mark, prick, drill slowly; hidden holes for holders and joints before any paint.',
    lookFor: 'A hole that the pin fills, and no burr.',
  },
  sand: {
    how: '240, 400, 600, 800, 1000 wet: skip none by more than double.',
    lookFor: 'An even tone; no shiny spots.',
  },
  scuff: {
    how: 'A fine pad, lightly, everywhere.',
    lookFor: 'An even bloom: tooth for the next paint.',
  },
  prime: {
    how: 'Mist, light, then light or wetter; let each flash.',
    lookFor: 'Raking light: seams, prints, texture. Mend before colour.',
  },
  base: {
    how: 'Thin coats, edges and recesses first; flash between.',
    lookFor: 'Even cover, lines still open.',
  },
  preshade: {
    how: 'Dark into the recesses, thin and close.',
    lookFor: 'Soft edges, stronger low down.',
  },
  toplight: {
    how: 'Short bursts from straight above.',
    lookFor: 'Only what faces up has changed.',
  },
  mottle: {
    how: 'Low pressure, thin, irregular; unify with an overall coat.',
    lookFor: 'No pattern that repeats.',
  },
  glaze: { how: 'Thin and even; several passes.', lookFor: 'The tone moves; detail stays.' },
  'clear-colour': {
    how: 'Build it in thin passes over a bright ground.',
    lookFor: 'Depth, without pools at the edges.',
  },
  metal: { how: 'Light coats from a little farther off.', lookFor: 'Flakes lie flat: even shine.' },
  'mirror-metal': {
    how: 'Very thin coats over gloss black, low pressure.',
    lookFor: 'It turns to mirror as it flashes; don’t touch.',
  },
  chrome: { how: 'Mist by mist, never wet.', lookFor: 'Mirror; then leave it 48 to 72 h.' },
  detail: {
    how: 'Thin paint, a good brush, two passes.',
    lookFor: 'Edges crisp; slips wiped at once.',
  },
  tape: {
    how: 'Press the edges down; seal them with a mist of the colour underneath.',
    lookFor: 'No lifted corner, no gap.',
  },
  untape: {
    how: 'Fold it back on itself, slowly.',
    lookFor: 'A sharp edge, while the paint is still soft there.',
  },
  latex: { how: 'Dab it where paint should fail.', lookFor: 'Irregular, heavier low and forward.' },
  unlatex: { how: 'Roll it off with an eraser.', lookFor: 'No rim left standing.' },
  salt: {
    how: 'Wet the face, place mixed grains, let it dry.',
    lookFor: 'Clusters, not a pattern.',
  },
  unsalt: { how: 'Brush it off, rinse warm.', lookFor: 'No frost left, unless it is wanted.' },
  release: { how: 'Two thin coats over a fast undercoat.', lookFor: 'An even film, no beads.' },
  'chip-wet': {
    how: 'Damp it, wait half a minute, work with a stiff brush; stop, dry, seal.',
    lookFor: 'First flakes at edges; stop before it is enough.',
  },
  clear: {
    how: 'Mist, then light, then the wet coat if it takes one.',
    lookFor: 'Wet edge all round; no dust, no frost.',
  },
  decal: {
    how: 'Cut close, warm water, setting fluid under, water pressed out.',
    lookFor: 'No air: prick and soften bubbles before clear.',
  },
  'decal-soften': {
    how: 'Softening fluid over; leave it alone while it wrinkles.',
    lookFor: 'It lies down into the lines.',
  },
  line: {
    how: 'Stir well; touch the brush to the line and let it run.',
    lookFor: 'It runs by itself; pools are wicked off.',
  },
  'line-clean': {
    how: 'Dry swab flat along the face, then a brush just damp; never into the line.',
    lookFor: 'Clean faces, full lines.',
  },
  filter: {
    how: 'Flat brush, even and nearly dry.',
    lookFor: 'A shift of tone; judge it when dry.',
  },
  'wash-clean': { how: 'Damp brush, from the middle outwards.', lookFor: 'No tide marks.' },
  'wipe-back': {
    how: 'A swab just damp; turn round parts.',
    lookFor: 'Raised faces bright, recesses dark.',
  },
  'chip-sponge': {
    how: 'Load, dab nearly all off, touch the edges; light first, dark inside.',
    lookFor: 'A cause for each group of chips.',
  },
  'chip-brush': { how: 'Hold the brush far back.', lookFor: 'Scratches run with travel.' },
  drybrush: { how: 'Almost no paint; across the edges.', lookFor: 'Edges catch, faces stay.' },
  scratch: { how: 'Light pulls with travel.', lookFor: 'Fine, and few.' },
  pencil: { how: 'Worn edges only.', lookFor: 'A dull gleam.' },
  graphite: { how: 'Rub it on raised faces.', lookFor: 'Polished wear where things touch.' },
  'oil-dots': {
    how: 'Small dots of three to five colours on matt.',
    lookFor: 'Darker in shade, lighter in centres.',
  },
  blend: {
    how: 'Nearly dry brush, dab or pull down, small areas.',
    lookFor: 'No dot left as a dot.',
  },
  streak: {
    how: 'A thin line from an edge or bolt.',
    lookFor: 'Each has something it comes from.',
  },
  stain: { how: 'Thin and repeated, each smaller.', lookFor: 'Soft rim, darker heart.' },
  dust: { how: 'Low parts and horizontal faces.', lookFor: 'Heavier low down.' },
  'streak-drag': {
    how: 'Broad, nearly dry brush, straight down.',
    lookFor: 'It fades to nothing.',
  },
  'rust-wash': { how: 'Small ring, wick, streak; many thin layers.', lookFor: 'Several tones.' },
  iron: { how: 'Two coats, dry between.', lookFor: 'Even grain.' },
  'iron-activate': {
    how: 'Flood it lightly; leave it for days.',
    lookFor: 'It goes on growing until sealed.',
  },
  chalk: { how: 'Thin off-white, dabbed and dragged.', lookFor: 'Upper faces first.' },
  soot: { how: 'Low pressure, thin, along the flow.', lookFor: 'Dark heart, soft fan.' },
  speckle: { how: 'Very low pressure, or a flicked brush.', lookFor: 'Wrong dots lifted at once.' },
  powder: {
    how: 'Load dry, tap, stipple; several tones.',
    lookFor: 'Stronger than wanted: fixing takes some.',
  },
  'powder-fix': {
    how: 'Touch fixer to the edge and let it creep in.',
    lookFor: 'It darkens, and comes back.',
  },
  mud: {
    how: 'Low parts; feather with its thinner.',
    lookFor: 'Nothing above where mud would fly.',
  },
  splatter: { how: 'Flick from a stiff brush.', lookFor: 'Along the travel.' },
  'cut-polish': {
    how: 'Wet, flat block, stay off edges.',
    lookFor: 'Even matt, no colour on the paper.',
  },
  compound: { how: 'Soft cloth, small circles.', lookFor: 'Depth; edges untouched.' },
  'glue-clear': { how: 'White glue in small dots.', lookFor: 'No fog, no squeeze-out.' },
  assemble: { how: 'Scrape paint off the joint first.', lookFor: 'Square and flush.' },
  handle: { how: 'Gloves, by the holder.', lookFor: 'No prints.' },
} as const satisfies Record<Act, Guide>
