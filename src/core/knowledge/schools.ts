import { SCHOOLS, type SchoolQuestion } from '../model/vocabulary'

/** One school of a question: what it brings and what it costs. */
export type SchoolRow = { value: string; name: string; brings: string; costs: string }

/** A question on which practice differs, and what may be chosen. Source: handbook 1, schools. */
export type QuestionRow = {
  question: string
  choices: readonly SchoolRow[]
  /** Nothing is judged by it until a build has chosen; left out: the first choice is followed. */
  open?: boolean
}

type Rows = {
  [Q in SchoolQuestion]: {
    question: string
    open?: boolean
    choices: readonly (SchoolRow & { value: (typeof SCHOOLS)[Q][number] })[]
  }
}

/** Where practitioners differ, and what each way costs. Source: handbook 1, schools. */
export const SCHOOL_TABLE: Rows = {
  liningSurface: {
    question: 'Surface under a recess wash',
    choices: [
      {
        value: 'gloss',
        name: 'Gloss',
        brings: 'flows farthest, cleans best',
        costs: 'one clear more',
      },
      {
        value: 'satin',
        name: 'Satin',
        brings: 'one clear fewer',
        costs: 'slight stain on the face',
      },
      {
        value: 'matt',
        name: 'Straight on matt',
        brings: 'no clear at all; a tint on purpose',
        costs: 'stains the face',
      },
    ],
  },
  liningCarrier: {
    question: 'Carrier for lining',
    choices: [
      {
        value: 'enamel',
        name: 'Enamel',
        brings: 'hours to clean up',
        costs: 'spirit; 24 h before the next solvent',
      },
      {
        value: 'oil',
        name: 'Artist’s oil',
        brings: 'any colour, long open time',
        costs: 'days before it is coated',
      },
      {
        value: 'water-acrylic',
        name: 'Water acrylic',
        brings: 'no smell, dry in half an hour',
        costs: 'minutes to wipe; tide marks',
      },
      {
        value: 'watercolour',
        name: 'Watercolour or clay',
        brings: 'wiped with water for ever, also on bare metal',
        costs: 'must be sealed before water',
      },
      {
        value: 'pen',
        name: 'Lining pen',
        brings: 'no wash, no wait',
        costs: 'one width; looks drawn',
      },
    ],
  },
  cleanUp: {
    question: 'Clean-up of lining',
    choices: [
      {
        value: 'dry',
        name: 'Dry swab',
        brings: 'pulls nothing out of the line',
        costs: 'must wait until it is touch-dry',
      },
      {
        value: 'damp',
        name: 'Damp with thinner',
        brings: 'any time in the window',
        costs: 'solvent on the face each pass',
      },
      {
        value: 'feathered',
        name: 'Leave a feathered edge',
        brings: 'dirt along the edge, on purpose',
        costs: 'less crisp',
      },
    ],
  },
  liningColours: {
    question: 'Colours of lining',
    choices: [
      {
        value: 'one',
        name: 'One dark neutral',
        brings: 'one wash, one evening',
        costs: 'too dark on light faces',
      },
      {
        value: 'by-colour',
        name: 'Chosen per base colour',
        brings: 'each line belongs to its face',
        costs: 'a wash for each colour',
      },
      {
        value: 'graded',
        name: 'Graded',
        brings: 'lighter above, dirtier below',
        costs: 'mixing along the way',
      },
    ],
  },
  liningLook: {
    question: 'Look of the lines',
    open: true,
    choices: [
      {
        value: 'normal',
        name: 'Normal',
        brings: 'read at arm’s length',
        costs: 'nothing to speak of',
      },
      {
        value: 'restrained',
        name: 'Restrained',
        brings: 'true to scale',
        costs: 'hardly read across a room',
      },
      {
        value: 'graphic',
        name: 'Graphic',
        brings: 'read across a table',
        costs: 'look drawn up close',
      },
    ],
  },
  wear: {
    question: 'Amount of wear',
    choices: [
      {
        value: 'restrained',
        name: 'Restrained',
        brings: 'scaled down for the scale',
        costs: 'vanishes across a room',
      },
      {
        value: 'bold',
        name: 'Bold',
        brings: 'reads across a room or a table',
        costs: 'too much up close',
      },
    ],
  },
  chips: {
    question: 'Chips',
    choices: [
      {
        value: 'on-top',
        name: 'On top',
        brings: 'sponge, brush or pencil, at any time',
        costs: 'no edge to feel',
      },
      {
        value: 'revealed',
        name: 'Revealed',
        brings: 'real flakes down to what is under them',
        costs: 'planned before the colour; a window to keep',
      },
      {
        value: 'both',
        name: 'Both',
        brings: 'flakes, and small marks where they are missing',
        costs: 'the most work',
      },
    ],
  },
  chipBase: {
    question: 'What revealed chips show',
    choices: [
      {
        value: 'metal',
        name: 'Bare metal look',
        brings: 'fresh wear on alloy',
        costs: 'wrong on iron left outside',
      },
      { value: 'rust', name: 'Rust tones', brings: 'age', costs: 'several tones to lay first' },
      { value: 'primer', name: 'Primer colour', brings: 'no further coat', costs: 'shallow' },
    ],
  },
  shielding: {
    question: 'Lacquer over everything, or a change of family at each stage',
    choices: [
      {
        value: 'family-change',
        name: 'Change family',
        brings: 'each stage’s solvent leaves the one below alone',
        costs: 'three families on the shelf',
      },
      {
        value: 'lacquer-throughout',
        name: 'Lacquer throughout',
        brings: 'fast, keys into itself',
        costs: 'each coat can bite the one below: mist first',
      },
    ],
  },
  betweenLayers: {
    question: 'Between weathering stages',
    choices: [
      {
        value: 'set',
        name: 'Wait for it to set',
        brings: 'no clear between',
        costs: 'a day each; the next solvent may still move it',
      },
      {
        value: 'seal',
        name: 'Seal with thin clear',
        brings: 'safe at once',
        costs: 'a coat each; changes the sheen',
      },
      {
        value: 'switch',
        name: 'Switch carrier family',
        brings: 'no wait for the solvent’s sake',
        costs: 'two kinds of weathering paint',
      },
    ],
  },
  decanting: {
    question: 'Spray-can paint',
    choices: [
      {
        value: 'decant',
        name: 'Decant, gas off, thin',
        brings: 'fine coats by airbrush',
        costs: '12–24 h of gassing off',
      },
      {
        value: 'can',
        name: 'Straight from the can',
        brings: 'no airbrush',
        costs: 'thick, coarse when cold',
      },
    ],
  },
  colourCoats: {
    question: 'Number of colour coats',
    choices: [
      {
        value: 'more-thinner',
        name: 'More, thinner',
        brings: 'kind to plastic that solvent bites',
        costs: 'more evenings',
      },
      {
        value: 'fewer-wetter',
        name: 'Fewer, wetter',
        brings: 'quick on resin and metal',
        costs: 'fills lines; bites plastic',
      },
    ],
  },
  mouldedPlastic: {
    question: 'Unpainted plastic',
    choices: [
      {
        value: 'paint',
        name: 'Paint everything',
        brings: 'any colour',
        costs: 'every stage of it',
      },
      {
        value: 'clear-only',
        name: 'Clear coat the moulded colour',
        brings: 'an evening instead of a week',
        costs: 'plastic shows where it is thin or scratched',
      },
    ],
  },
  priming: {
    question: 'Priming',
    choices: [
      {
        value: 'overall',
        name: 'One colour overall',
        brings: 'one session',
        costs: 'wrong under some of the colours',
      },
      {
        value: 'by-zone',
        name: 'Zone by zone',
        brings: 'each colour covers soonest',
        costs: 'more masks and clean-outs',
      },
      {
        value: 'self-priming',
        name: 'None, where the maker says so',
        brings: 'a coat fewer',
        costs: 'tape may lift it',
      },
    ],
  },
  finalSheen: {
    question: 'Final sheen',
    choices: [
      {
        value: 'matt',
        name: 'All matt',
        brings: 'scale-true, hides joins',
        costs: 'lowers contrast; hides wet and metal',
      },
      { value: 'satin', name: 'Satin', brings: 'keeps depth', costs: 'shows every seam' },
      {
        value: 'gloss-body',
        name: 'Gloss body with matt details',
        brings: 'cars',
        costs: 'masking; polishing',
      },
      {
        value: 'wet-after-matt',
        name: 'Wet effects after the matt',
        brings: 'fresh oil and mud shine',
        costs: 'they stay unsealed',
      },
    ],
  },
  subAssemblies: {
    question: 'Sub-assemblies',
    choices: [
      {
        value: 'in-parts',
        name: 'Paint in parts, join late',
        brings: 'every face can be reached',
        costs: 'paint in the joints; touch-up',
      },
      {
        value: 'built-first',
        name: 'Build first',
        brings: 'no seam after paint',
        costs: 'reach what can be reached',
      },
    ],
  },
  speed: {
    question: 'Speed',
    choices: [
      {
        value: 'patient',
        name: 'Enamels and oils with patience',
        brings: 'long open times, soft blends',
        costs: 'days',
      },
      {
        value: 'water-and-warm-air',
        name: 'Water acrylics with warm air',
        brings: 'finished in a weekend',
        costs: 'minutes to correct',
      },
    ],
  },
}

/** The row of a question, with its choices in the handbook's order. */
export function questionRow(question: SchoolQuestion): QuestionRow {
  return SCHOOL_TABLE[question]
}

/** The school that is followed where a build hasn't chosen; null: none is, and nothing is judged by it. */
export function usualSchool(question: SchoolQuestion): string | null {
  return questionRow(question).open ? null : SCHOOLS[question][0]
}
