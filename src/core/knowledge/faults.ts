/** One row of the fault table: what is seen, what it comes from, how it is mended, how it is kept from coming back. */
export type FaultRow = { symptom: string; causes: string; mend: string; nextTime: string }

/** Every fault, in the order of the handbook. Source: handbook 8. */
export const FAULT_TABLE = {
  'white-frost': {
    symptom: 'white frost, bloom',
    causes:
      'damp air with lacquer or spray can (RH > 75 %, cold can); matt clear too thick; matting agent not stirred; solvent matt wiped with spirit',
    mend: 'warm dry room, mist of levelling thinner or gloss, then matt again thin',
    nextTime: 'humidity limit; stir; thin coats',
  },
  wrinkles: {
    symptom: 'wrinkles, lifting',
    causes: 'hot solvent over uncured film; hard over soft; second coat inside the bad window',
    mend: 'stop; let cure for days; sand back; shield',
    nextTime: 'matrix and waits',
  },
  'lifts-with-tape': {
    symptom: 'paint comes off with tape',
    causes: 'no primer, greasy surface, tape too early, tape too strong, printed resin undercured',
    mend: 'feather edge, spot prime, touch up',
    nextTime: 'degrease, tape milestone',
  },
  'colour-wiped': {
    symptom: 'colour wiped away by clean-up',
    causes: 'no clear, enamel under enamel, rubbing acrylic clear, window missed so rubbing hard',
    mend: 'touch up, re-clear, re-line',
    nextTime: 'seal first; solvent, not scrubbing',
  },
  'wash-wont-run': {
    symptom: 'wash won’t run',
    causes: 'matt surface, too thick, not stirred, surface tension (water)',
    mend: 'pre-wet, thin, flow aid',
    nextTime: 'gloss or satin',
  },
  'wash-wont-clean': {
    symptom: 'wash won’t clean up',
    causes: 'matt surface, window missed, fast-setting enamel, too hot a room',
    mend: 'mild spirit longer on a swab; hotter only if what is under stands it; recolour',
    nextTime: 'gloss; shorter wait',
  },
  'wash-left-lines': {
    symptom: 'wash came out of the lines',
    causes: 'too early, too wet a brush, swab into the line',
    mend: 'line again',
    nextTime: 'wait, flat swab',
  },
  'tide-marks': {
    symptom: 'tide marks',
    causes: 'water wash dried from the edge, pooling, no flow aid, tilted',
    mend: 're-wet edge with the same medium; overall thin wash',
    nextTime: 'wick, flow aid, level',
  },
  'drawn-lines': {
    symptom: 'lines look drawn on',
    causes: 'too black for the face, too wide for the scale',
    mend: 'damp brush across; filter',
    nextTime: 'contrast band',
  },
  'orange-peel': {
    symptom: 'orange peel, pebbles',
    causes: 'too thick, too far, too dry, too hot; pressure low; clear too cold',
    mend: 'sand level, recoat thinner',
    nextTime: 'thinner +, closer, levelling thinner',
  },
  'dusty-spray': {
    symptom: 'dusty, rough spray',
    causes: 'too far, too hot, pressure high, too much alcohol; dried before landing',
    mend: 'rub with soft cloth; sand',
    nextTime: 'retarder, closer',
  },
  runs: {
    symptom: 'runs, pools',
    causes: 'too thin, too slow, too near, too wet',
    mend: 'let dry, sand',
    nextTime: 'more, thinner coats',
  },
  'spider-lines': {
    symptom: 'spider lines',
    causes: 'too thin and too near, pressure too high',
    mend: 'dry, sand, lower pressure',
    nextTime: '',
  },
  'tip-dry': {
    symptom: 'tip dry, spitting',
    causes: 'no retarder or flow aid, hot dry air, big pigment for the nozzle',
    mend: 'wipe tip, retarder, thinner',
    nextTime: '',
  },
  'fish-eyes': {
    symptom: 'paint rolls off edges / fish-eyes',
    causes: 'grease, silicone, wax',
    mend: 'wash back, degrease, mist coat',
    nextTime: 'gloves',
  },
  silvering: {
    symptom: 'silvering under decals',
    causes: 'matt surface, air, no fluid',
    mend: 'prick, softening fluid, again; wash over',
    nextTime: 'gloss',
  },
  'decal-wrinkled': {
    symptom: 'decal wrinkled or dissolved',
    causes: 'strong fluid or wet hot clear',
    mend: 'leave alone until dry; replace',
    nextTime: 'mist coats',
  },
  bubbles: {
    symptom: 'bubbles found while polishing',
    causes: 'air under decal, dust; too early',
    mend: 'cut out, fill with clear, level',
    nextTime: 'inspect before clear',
  },
  'rub-through': {
    symptom: 'colour through at edges after polishing',
    causes: 'too few coats, pressed edges',
    mend: 'touch up, clear',
    nextTime: '3 + 3 coats, stay off edges',
  },
  'chips-wont-open': {
    symptom: 'chips won’t open',
    causes: 'top too thick, too hard, wrong family, too late, release too thin',
    mend: 'needle or tape to start; warm water; alcohol sparingly',
    nextTime: 'thin alcohol-thinned acrylic, same day',
  },
  'chips-sheets': {
    symptom: 'chips open everywhere, sheets',
    causes: 'top not dry, release too thick, overthinned top, brush too wet',
    mend: 'dry; touch up; seal',
    nextTime: '',
  },
  'undercoat-off': {
    symptom: 'undercoat came off too',
    causes: 'undercoat not water-fast or cured',
    mend: 'repaint the patch',
    nextTime: 'lacquer or cured undercoat',
  },
  'metal-dull': {
    symptom: 'metal went dull',
    causes: 'clear over it, handled, fluid attacked it',
    mend: 're-metal',
    nextTime: 'suitable clear or none',
  },
  'chrome-smeared': {
    symptom: 'chrome smeared',
    causes: 'touched early, wrong clear',
    mend: 'strip, redo',
    nextTime: '48–72 h',
  },
  sticky: {
    symptom: 'sticky for days',
    causes: 'enamel on vinyl, thick enamel or oil, cold, 2K off ratio, printed resin residue',
    mend: 'warmth, time; strip if vinyl or off ratio',
    nextTime: '',
  },
  cracks: {
    symptom: 'cracks in clear or paint',
    causes: 'hard over soft, thick, flexing',
    mend: 'sand, recoat',
    nextTime: 'fat over lean',
  },
  'plastic-cracked': {
    symptom: 'plastic cracked',
    causes: 'spirit pooled on stressed joint',
    mend: 'glue, fill',
    nextTime: 'don’t flood; primer inside joints',
  },
  'glass-fogged': {
    symptom: 'glass fogged',
    causes: 'cyanoacrylate fumes, strong solvent',
    mend: 'polish or gloss dip',
    nextTime: 'white glue',
  },
  'powders-gone': {
    symptom: 'powders vanished',
    causes: 'wet clear or fixer flooded',
    mend: 'more powder',
    nextTime: 'creep in from the edge',
  },
  'effect-lost': {
    symptom: 'effect lost after matt',
    causes: 'matt hides contrast',
    mend: 'repeat on top',
    nextTime: 'stronger first',
  },
  'too-stark': {
    symptom: 'too stark, too much',
    causes: 'contrast, scale',
    mend: 'filter, thin base mist, reduce with thinner in the window',
    nextTime: 'test panel',
  },
  'uneven-cover': {
    symptom: 'cover uneven, colour weak',
    causes: 'weak pigment over wrong primer, overthinned',
    mend: 'ground coat',
    nextTime: 'coats to cover',
  },
  'primer-texture': {
    symptom: 'texture in primer',
    causes: 'too dry, can cold',
    mend: 'sand 1500+',
    nextTime: 'warm can, wetter last coat',
  },
  'closed-lines': {
    symptom: 'closed lines',
    causes: 'coats too thick, lines too shallow',
    mend: 'rescribe',
    nextTime: 'build check',
  },
} as const satisfies Record<string, FaultRow>

/** A fault by its key in the table. Source: handbook 8. */
export type FaultId = keyof typeof FAULT_TABLE

/** The row of a fault. */
export function faultRow(id: FaultId): FaultRow {
  return FAULT_TABLE[id]
}
