import type { ActStep, Step } from '../../model/sequence'
import { table } from '../tests/table'

const PRIME: Step = { do: 'prime', colour: '#8B8C8B' }
const DAY: Step = { wait: '24 h' }
const WEEK: Step = { wait: '8 d' }
const BASE: Step = { do: 'base', family: 'alcohol-acrylic' }
const GLOSS: Step = { do: 'clear', family: 'lacquer', sheen: 'gloss' }
const MATT: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'matt' }
const ready: Step[] = [PRIME, DAY]
const glossBlack: Step = { do: 'base', family: 'lacquer', sheen: 'gloss', colour: '#0A0A0A' }
const MIRROR: Step = { do: 'mirror-metal', coats: ['mist', 'mist'] }

table('clear-too-thin-to-polish', [
  {
    why: 'two coats of clear are too few to cut',
    steps: [PRIME, DAY, { ...GLOSS, coats: ['mist', 'light'] }, WEEK, { do: 'cut-polish' }],
    told: ['4 clear-too-thin-to-polish risk', '4 edge-rub-through note'],
  },
  {
    why: 'three are enough, mist counted',
    steps: [
      PRIME,
      DAY,
      { ...GLOSS, coats: ['mist', 'light', 'light'] },
      WEEK,
      { do: 'cut-polish' },
    ],
    told: ['4 edge-rub-through note'],
  },
  {
    why: 'a cut and a compound are one levelling',
    steps: [
      ...[PRIME, DAY, { ...GLOSS, coats: ['mist', 'light', 'light'] } as Step, WEEK],
      { do: 'cut-polish' },
      { do: 'compound' },
    ],
    told: ['4 edge-rub-through note', '5 edge-rub-through note'],
  },
  {
    why: 'a levelling wants three coats of its own',
    steps: [
      ...[PRIME, DAY, { ...GLOSS, coats: ['mist', 'light', 'light'] } as Step, WEEK],
      { do: 'cut-polish' },
      { ...GLOSS, coats: ['light', 'light'] },
      WEEK,
      { do: 'cut-polish' },
    ],
    told: ['4 edge-rub-through note', '7 clear-too-thin-to-polish risk', '7 edge-rub-through note'],
  },
])

table('mirror-needs-gloss-black', [
  {
    why: 'gloss black, cured: nothing',
    steps: [...ready, glossBlack, { wait: '3 d' }, MIRROR],
    told: [],
  },
  {
    why: 'hard but not cured a note (tape 12 h, cured 48 h)',
    steps: [...ready, glossBlack, { wait: '12 h' }, MIRROR],
    told: ['4 mirror-needs-gloss-black note'],
  },
  {
    why: 'before it bears tape a risk',
    steps: [...ready, glossBlack, { wait: '11 h' }, MIRROR],
    told: ['4 mirror-needs-gloss-black risk'],
  },
  {
    why: 'matt primer a risk',
    steps: [...ready, MIRROR],
    told: ['2 mirror-needs-gloss-black risk'],
  },
  {
    why: 'gloss grey a risk',
    steps: [...ready, { ...glossBlack, colour: '#8B8C8B' }, { wait: '3 d' }, MIRROR],
    told: ['4 mirror-needs-gloss-black risk'],
  },
  {
    why: 'a colour that nobody has said is a note',
    steps: [...ready, { do: 'base', family: 'lacquer', sheen: 'gloss' }, { wait: '3 d' }, MIRROR],
    told: ['4 mirror-needs-gloss-black note'],
  },
  {
    why: 'gloss clear over black is gloss black',
    steps: [
      ...ready,
      { do: 'base', family: 'lacquer', colour: '#0A0A0A' },
      { wait: '3 d' },
      GLOSS,
      { wait: '4 d' },
      MIRROR,
    ],
    told: [],
  },
])

const shiny: Step[] = [...ready, glossBlack, { wait: '3 d' }, MIRROR, { wait: '3 d' }]
table('clear-kills-metal', [
  {
    why: 'lacquer a stop',
    steps: [...shiny, GLOSS],
    told: ['6 solvent-attacks-film stop', '6 clear-kills-metal stop'],
  },
  {
    why: 'alcohol acrylic a risk',
    steps: [...shiny, { do: 'clear', family: 'water-acrylic', sheen: 'gloss' }],
    told: ['6 clear-kills-metal risk'],
  },
  {
    why: 'light acrylic-PU is the one that may',
    steps: [
      ...shiny,
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist', 'light'] },
    ],
    told: [],
  },
  {
    why: 'a wet coat of it dulls too',
    steps: [...shiny, { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['wet'] }],
    told: ['6 clear-kills-metal risk'],
  },
  {
    why: 'a product made for it',
    steps: [...shiny, { ...GLOSS, product: { suits: ['mirror-metal'] } }],
    told: [],
  },
])

table('clear-colour-needs-bright-base', [
  {
    why: 'over dark grey a note',
    steps: [
      ...ready,
      { ...BASE, colour: '#3A3A3C' },
      DAY,
      { do: 'clear-colour', family: 'alcohol-acrylic' },
    ],
    told: ['4 clear-colour-needs-bright-base note'],
  },
  {
    why: 'over bright metal nothing, dark as it may be',
    steps: [
      ...ready,
      { do: 'metal', family: 'lacquer', colour: '#55585A' },
      DAY,
      { do: 'clear-colour', family: 'alcohol-acrylic' },
    ],
    told: [],
  },
  {
    why: 'over white nothing',
    steps: [
      ...ready,
      { ...BASE, colour: '#E9E9E6', coats: ['wet', 'wet'] },
      DAY,
      { do: 'clear-colour', family: 'alcohol-acrylic' },
    ],
    told: [],
  },
])

const powdered: Step[] = [...ready, MATT, DAY, { do: 'powder' }]
table('powder-loose', [
  {
    why: 'on a piece that is played with',
    steps: powdered,
    more: { use: 'handled' },
    told: ['4 powder-loose risk'],
  },
  { why: 'in a cabinet it may lie', steps: powdered, told: [] },
  {
    why: 'fixed it holds',
    steps: [...powdered, { do: 'powder-fix' }],
    more: { use: 'handled' },
    told: [],
  },
  {
    why: 'a matt clear holds it',
    steps: [...powdered, { ...MATT, coats: ['mist', 'mist'] }],
    more: { use: 'handled' },
    told: [],
  },
  {
    why: 'handling it loose',
    steps: [...powdered, { do: 'handle' }],
    told: ['5 powder-loose risk'],
  },
])

table('matt-hides-effect', [
  {
    why: 'graphite before the final matt',
    steps: [...ready, BASE, DAY, { do: 'graphite' }, MATT],
    told: ['5 matt-hides-effect note'],
  },
  {
    why: 'graphite after it',
    steps: [...ready, BASE, DAY, MATT, DAY, { do: 'graphite' }],
    told: [],
  },
  {
    why: 'a lens under it',
    steps: [
      ...ready,
      { do: 'metal', family: 'lacquer', colour: '#C9CBCD' },
      WEEK,
      { do: 'clear-colour', family: 'alcohol-acrylic', over: 'patch' },
      WEEK,
      MATT,
    ],
    told: ['6 matt-hides-effect note'],
  },
  {
    why: 'told once, at the matt that comes last',
    steps: [...ready, BASE, DAY, { do: 'graphite' }, MATT, DAY, MATT],
    told: ['7 matt-hides-effect note'],
  },
  {
    why: 'a gloss that comes last hides no lens',
    steps: [
      ...ready,
      { do: 'clear-colour', family: 'alcohol-acrylic', over: 'patch' },
      WEEK,
      MATT,
      DAY,
      { do: 'clear', family: 'acrylic-pu', sheen: 'gloss' },
    ],
    told: [],
  },
])

const shade: Step = { do: 'preshade', family: 'alcohol-acrylic', colour: '#222223' }
table('buried-preshade', [
  {
    why: 'three coats of a grey that hides in two bury it',
    steps: [
      ...ready,
      shade,
      { wait: '2 h' },
      { ...BASE, colour: '#5E6A70', coats: ['light', 'light', 'light', 'light'] } as Step,
    ],
    told: ['4 buried-preshade note'],
  },
  {
    why: 'one coat lets it show',
    steps: [...ready, shade, { wait: '2 h' }, { ...BASE, colour: '#5E6A70', coats: ['light'] }],
    told: [],
  },
  {
    why: 'a colour that nobody has said can’t be reckoned with',
    steps: [
      ...ready,
      shade,
      { wait: '2 h' },
      { ...BASE, coats: ['wet', 'wet', 'wet'], gap: '2 h' },
    ],
    told: [],
  },
])

table('pot-life', [
  {
    why: 'coats over more than three hours',
    steps: [
      ...ready,
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'light'], gap: '3 h' },
    ],
    told: ['2 pot-life stop'],
  },
  {
    why: 'sprayed out in time',
    steps: [
      ...ready,
      {
        do: 'clear',
        family: 'urethane-2k',
        sheen: 'gloss',
        coats: ['light', 'light'],
        gap: '170 min',
      },
    ],
    told: [],
  },
  {
    why: 'a product that keeps longer',
    steps: [
      ...ready,
      {
        ...{ do: 'clear', family: 'urethane-2k', sheen: 'gloss', coats: ['light', 'light'] },
        ...{ gap: '3 h', product: { potLife: '6 h' } },
      } as Step,
    ],
    told: [],
  },
])

table('fogs-clear-part', [
  {
    why: 'cyanoacrylate near glass',
    steps: [{ do: 'glue-clear', adhesive: 'cyanoacrylate' }],
    told: ['0 fogs-clear-part risk'],
  },
  { why: 'white glue', steps: [{ do: 'glue-clear', adhesive: 'white-glue' }], told: [] },
  {
    why: 'strong solvent in assembling clear parts',
    steps: [{ do: 'assemble', solvent: 'plastic-solvent' }],
    more: { substrate: 'clear-styrene' },
    told: ['0 solvent-attacks-substrate stop', '0 fogs-clear-part risk'],
  },
])

const washed = (more: object): Step[] => [
  ...ready,
  MATT,
  DAY,
  { do: 'wash', family: 'water-wash', ...more },
]
table('tide-mark-risk', [
  { why: 'an all-over water wash', steps: washed({}), told: ['4 tide-mark-risk note'] },
  { why: 'wicked up', steps: washed({ wick: true }), told: [] },
  { why: 'with flow aid', steps: washed({ flowAid: 1 }), told: [] },
  { why: 'rings that are wanted', steps: washed({ wanted: ['tide-ring'] }), told: [] },
  { why: 'an enamel wash has none', steps: washed({ family: 'enamel-wash' }), told: [] },
])

const salted: Step[] = [...ready, { do: 'salt' }]
table('salt', [
  {
    why: 'colour over wet salt',
    steps: [...salted, { wait: '29 min' }, BASE, DAY, { do: 'unsalt' }],
    told: ['4 salt-not-dry note'],
  },
  {
    why: 'nobody said how it was wetted: it may be wet for three hours',
    steps: [...salted, { wait: '30 min' }, BASE, DAY, { do: 'unsalt' }],
    told: ['4 salt-not-dry note'],
  },
  {
    why: 'dry after three hours',
    steps: [...salted, { wait: '3 h' }, BASE, DAY, { do: 'unsalt' }],
    told: [],
  },
  {
    why: 'laid wet, before three hours',
    steps: [
      ...ready,
      { do: 'salt', wetted: 'wet' },
      { wait: '160 min' },
      BASE,
      DAY,
      { do: 'unsalt' },
    ],
    told: ['4 salt-not-dry risk'],
  },
  {
    why: 'sprayed with water, before twelve hours',
    steps: [
      ...ready,
      { do: 'salt', wetted: 'sprayed' },
      { wait: '11 h' },
      BASE,
      DAY,
      { do: 'unsalt' },
    ],
    told: ['4 salt-not-dry risk'],
  },
  {
    why: 'by its own sheet after an hour',
    steps: [
      ...ready,
      { do: 'salt', product: { recoat: '1 h' } },
      { wait: '1 h' },
      BASE,
      DAY,
      { do: 'unsalt' },
    ],
    told: [],
  },
  {
    why: 'sprinkled on tacky release, after half an hour',
    steps: [
      ...ready,
      { do: 'release' },
      { wait: '5 min' },
      { do: 'salt' },
      { wait: '30 min' },
      { do: 'base', family: 'water-acrylic' },
      { wait: '1 h' },
      { do: 'unsalt' },
    ],
    told: [],
  },
  {
    why: 'clear over what the rinse left',
    steps: [...salted, { wait: '3 h' }, BASE, DAY, { do: 'unsalt' }, MATT],
    told: ['7 salt-residue note'],
  },
  {
    why: 'rinsed once more',
    steps: [...salted, { wait: '3 h' }, BASE, DAY, { do: 'unsalt' }, { do: 'wash' }, MATT],
    told: [],
  },
  {
    why: 'frost that is wanted',
    steps: [...salted, { wait: '3 h' }, BASE, DAY, { do: 'unsalt', wanted: ['salt-frost'] }, MATT],
    told: [],
  },
])

const latex: Step[] = [...ready, { do: 'latex' }, { wait: '1 h' }, BASE]
table('masks on wet paint, and off it', [
  {
    why: 'latex on a primer that is not touch-dry (20 min)',
    steps: [PRIME, { wait: '15 min' }, { do: 'latex' }, DAY, { do: 'unlatex' }],
    told: ['2 mask-too-early stop'],
  },
  {
    why: 'latex on one that is',
    steps: [PRIME, { wait: '20 min' }, { do: 'latex' }, { wait: '1 h' }, { do: 'unlatex' }],
    told: [],
  },
  {
    why: 'salt on colour that is wet',
    steps: [...ready, BASE, { wait: '10 min' }, { do: 'salt' }, DAY, { do: 'unsalt' }],
    told: ['4 mask-too-early stop'],
  },
  {
    why: 'latex picked off colour that is wet (20 min)',
    steps: [...latex, { wait: '15 min' }, { do: 'unlatex' }],
    told: ['6 unmask-too-early stop'],
  },
  {
    why: 'picked off once it is touch-dry',
    steps: [...latex, { wait: '20 min' }, { do: 'unlatex' }],
    told: [],
  },
  {
    why: 'latex that stayed for more than a day',
    steps: [...latex, { wait: '24 h' }, { do: 'unlatex' }],
    told: ['6 unmask-late risk'],
  },
  {
    why: 'salt brushed off colour that is wet',
    steps: [...salted, { wait: '3 h' }, BASE, { wait: '15 min' }, { do: 'unsalt' }],
    told: ['6 unmask-too-early stop'],
  },
  {
    why: 'tape off at once: the edge still runs',
    steps: [...ready, { do: 'tape' }, BASE, { do: 'untape' }],
    told: ['4 unmask-too-early note'],
  },
  {
    why: 'tape off after five minutes',
    steps: [...ready, { do: 'tape' }, BASE, { wait: '5 min' }, { do: 'untape' }],
    told: [],
  },
])

const of = (parts: string[], step: Step): Step => ({ ...step, parts }) as Step
const join = of(['hull', 'turret'], { do: 'assemble', checked: ['fit'] })
table('joined-already', [
  {
    why: 'one of two parts that are joined is sprayed',
    steps: [...ready, join, of(['hull'], BASE)],
    told: ['3 joined-already risk'],
  },
  {
    why: 'one of two that come joined',
    steps: [join, of(['hull'], PRIME)],
    told: ['1 joined-already risk'],
  },
  { why: 'both of them', steps: [...ready, join, of(['hull', 'turret'], BASE)], told: [] },
  { why: 'before they are joined', steps: [...ready, of(['hull'], BASE), DAY, join], told: [] },
  {
    why: 'by brush',
    steps: [...ready, join, of(['hull'], { do: 'detail', family: 'water-acrylic' })],
    told: [],
  },
  {
    why: 'with the other taped off',
    steps: [
      ...ready,
      join,
      { do: 'tape' },
      of(['hull'], BASE),
      { wait: '5 min' },
      { do: 'untape' },
    ],
    told: [],
  },
  {
    why: 'a sequence that stands by itself',
    steps: [...ready, { do: 'assemble', checked: ['fit'] }, BASE],
    told: [],
  },
])

const joinedAfter = (wait: string): Step[] => [
  ...ready,
  BASE,
  { wait },
  { do: 'assemble', checked: ['fit'] },
]
table('handled-too-early', [
  {
    why: 'joined before it is touch-dry (20 min)',
    steps: joinedAfter('19 min'),
    told: ['4 handled-too-early stop'],
  },
  {
    why: 'joined while a finger still prints (60 min)',
    steps: joinedAfter('45 min'),
    told: ['4 handled-too-early risk'],
  },
  { why: 'joined after that', steps: joinedAfter('60 min'), told: [] },
  {
    why: 'powder comes off at any age, and watercolour never sets',
    steps: [
      ...ready,
      GLOSS,
      DAY,
      { do: 'line', family: 'watercolour' },
      { wait: '10 min' },
      { do: 'handle' },
    ],
    told: [],
  },
])

const chipped: Step[] = [
  PRIME,
  { wait: '3 d' },
  { do: 'release', coats: ['light', 'light'] },
  { wait: '1 h' },
  { do: 'base', family: 'water-acrylic' },
  { wait: '1 h' },
  { do: 'chip-wet' },
  { wait: '2 h' },
]
table('unsealed-chips', [
  {
    why: 'tape',
    steps: [...chipped, DAY, { do: 'tape' }, { do: 'untape' }],
    told: ['9 unsealed-chips risk'],
  },
  { why: 'handling', steps: [...chipped, { do: 'handle' }], told: ['8 unsealed-chips risk'] },
  { why: 'spirit opens none', steps: [...chipped, DAY, { do: 'streak' }], told: [] },
  {
    why: 'sealed',
    steps: [...chipped, { ...MATT, coats: ['mist', 'light'] }, DAY, { do: 'handle' }],
    told: [],
  },
])

const decalled: Step[] = [...ready, GLOSS, DAY, { do: 'decal' }]
table('decals', [
  {
    why: 'clear before the water has left, and nobody looked',
    steps: [...decalled, { wait: '11 h' }, { ...MATT, coats: ['mist', 'light'] }],
    told: ['6 recoat-too-early risk', '6 decal-moisture risk', '6 decal-bubble-check note'],
  },
  {
    why: 'after it, looked at',
    steps: [
      ...decalled,
      { wait: '12 h' },
      { ...MATT, coats: ['mist', 'light'], checked: ['bubbles'] },
    ],
    told: [],
  },
  {
    why: 'thick film keeps its water for two days',
    steps: [
      ...ready,
      GLOSS,
      DAY,
      { do: 'decal', decalFilm: 'thick' },
      { wait: '47 h' },
      { ...MATT, coats: ['mist', 'light'], checked: ['bubbles'] },
    ],
    told: ['6 recoat-too-early risk', '6 decal-moisture risk'],
  },
  {
    why: 'and not for longer',
    steps: [
      ...ready,
      GLOSS,
      DAY,
      { do: 'decal', decalFilm: 'thick' },
      { wait: '48 h' },
      { ...MATT, coats: ['mist', 'light'], checked: ['bubbles'] },
    ],
    told: [],
  },
])

const printedOn = (
  decalFilm: ActStep['decalFilm'],
  ...softeners: ActStep['softener'][]
): Step[] => [
  ...ready,
  GLOSS,
  DAY,
  { do: 'decal', ...(decalFilm ? { decalFilm } : {}) },
  ...softeners.map((softener): Step => ({ do: 'decal-soften', ...(softener ? { softener } : {}) })),
]
table('softener-too-strong', [
  {
    why: 'first on thin film',
    steps: printedOn('thin', 'strong'),
    told: ['5 softener-too-strong risk'],
  },
  {
    why: 'first on home-printed film',
    steps: printedOn('home-printed', 'strong'),
    told: ['5 softener-too-strong risk'],
  },
  { why: 'on usual film', steps: printedOn('usual', 'strong'), told: [] },
  { why: 'nobody says what film', steps: printedOn(undefined, 'strong'), told: [] },
  { why: 'after a mild one', steps: printedOn('thin', 'mild', 'strong'), told: [] },
  {
    why: 'after one of which nobody says how strong',
    steps: printedOn('thin', undefined, 'strong'),
    told: [],
  },
  {
    why: 'twice',
    steps: printedOn('thin', 'strong', 'strong'),
    told: ['5 softener-too-strong risk', '6 softener-too-strong risk'],
  },
  { why: 'a mild one alone', steps: printedOn('thin', 'mild'), told: [] },
  {
    why: 'wiped beside it before that: no softener',
    steps: [...printedOn('thin'), { do: 'wipe-back' }, { do: 'decal-soften', softener: 'strong' }],
    told: ['5 clean-too-late risk', '6 softener-too-strong risk'],
  },
])

const iron: Step[] = [...ready, { do: 'iron' }, { wait: '3 h' }, { do: 'iron-activate' }]
table('rust-still-growing', [
  {
    why: 'sealed the same day',
    steps: [...iron, { wait: '23 h' }, MATT],
    told: ['6 rust-still-growing risk'],
  },
  {
    why: 'after a day it may go on',
    steps: [...iron, { wait: '24 h' }, MATT],
    told: ['6 rust-still-growing note'],
  },
  { why: 'after five days it has settled', steps: [...iron, { wait: '5 d' }, MATT], told: [] },
])

const lined: Step[] = [
  ...ready,
  { ...GLOSS, coats: ['light'] },
  DAY,
  { do: 'line' },
  { wait: '1 h' },
]
const rub = (passes: number): Step => ({ do: 'line-clean', passes })
table('wear-through', [
  { why: 'four rubs on clear', steps: [...lined, rub(4)], told: [] },
  { why: 'five wear edges', steps: [...lined, rub(5)], told: ['6 wear-through note'] },
  { why: 'eight are what clear bears', steps: [...lined, rub(8)], told: ['6 wear-through note'] },
  { why: 'nine go through', steps: [...lined, rub(9)], told: ['6 wear-through risk'] },
  {
    why: 'rubs of one hour add up',
    steps: [...lined, rub(4), { wait: '20 min' }, rub(5)],
    told: ['8 wear-through risk'],
  },
  {
    why: 'an hour later they count anew',
    steps: [...lined, rub(4), { wait: '1 h' }, rub(4)],
    told: [],
  },
])

table('preparation', [
  {
    why: 'sanding filler at once',
    steps: [{ do: 'fill' }, { do: 'sand', grit: 400 }],
    told: ['1 filler-curing risk'],
  },
  {
    why: 'after a quarter of the night',
    steps: [{ do: 'fill' }, { wait: '3 h' }, { do: 'sand', grit: 400 }],
    told: ['2 filler-curing note'],
  },
  {
    why: 'strong glue, primed at once',
    steps: [{ do: 'assemble', adhesive: 'cyanoacrylate' }, PRIME],
    told: ['1 filler-curing risk'],
  },
  {
    why: 'glued and left for four hours',
    steps: [{ do: 'assemble', adhesive: 'cyanoacrylate' }, { wait: '4 h' }, PRIME],
    told: [],
  },
  {
    why: 'white glue has no such fumes',
    steps: [{ do: 'assemble', adhesive: 'white-glue' }, PRIME],
    told: [],
  },
  {
    why: 'after a night',
    steps: [{ do: 'fill' }, { wait: '12 h' }, { do: 'sand', grit: 400 }],
    told: [],
  },
  {
    why: 'a grit that is more than double',
    steps: [
      { do: 'sand', grit: 400 },
      { do: 'sand', grit: 1000 },
    ],
    told: ['1 grit-skipped note'],
  },
  {
    why: 'just double',
    steps: [
      { do: 'sand', grit: 400 },
      { do: 'sand', grit: 800 },
    ],
    told: [],
  },
  {
    why: 'sanded after degreasing cast resin',
    steps: [{ do: 'degrease' }, { do: 'sand' }, PRIME],
    more: { substrate: 'resin-cast' },
    told: ['2 degrease-expired risk'],
  },
  {
    why: 'degreased five hours ago',
    steps: [{ do: 'degrease' }, { wait: '5 h' }, PRIME],
    more: { substrate: 'resin-cast' },
    told: ['2 degrease-expired note'],
  },
  {
    why: 'degreased four hours ago',
    steps: [{ do: 'degrease' }, { wait: '4 h' }, PRIME],
    more: { substrate: 'resin-cast' },
    told: [],
  },
])

table('what steps and scale say', [
  {
    why: 'a film of more than half the depth of the lines',
    steps: [{ do: 'prime', coats: ['light', 'light'] }],
    more: { lineDepthMm: 0.015 },
    told: ['0 lines-will-close note'],
  },
  {
    why: 'paint on paint: the lines are cut deeper before the first of it',
    steps: [
      { do: 'degrease' },
      { do: 'prime', coats: ['light'] },
      DAY,
      { ...BASE, coats: ['light', 'light'] },
    ],
    more: { lineDepthMm: 0.028 },
    told: ['3 lines-will-close note'],
  },
  {
    why: 'less than half',
    steps: [{ do: 'prime', coats: ['light', 'light'] }],
    more: { lineDepthMm: 0.03 },
    told: [],
  },
  {
    why: 'sponge marks of 0.2 mm at 1:350',
    steps: [...ready, { do: 'chip-sponge' }],
    more: { scale: 350 },
    told: ['2 marks-too-big note'],
  },
  {
    why: 'sponge marks at 1:144',
    steps: [...ready, { do: 'chip-sponge' }],
    more: { scale: 144 },
    told: [],
  },
  {
    why: 'retarder over its cap',
    steps: [{ do: 'prime', retarder: 6 }],
    told: ['0 additive-cap note'],
  },
  { why: 'retarder at its cap', steps: [{ do: 'prime', retarder: 5 }], told: [] },
  {
    why: 'a wash turned before it stops running',
    steps: [...ready, GLOSS, DAY, { do: 'line' }, { wait: '30 min' }, { do: 'handle' }],
    told: ['6 turned-while-wet note'],
  },
  {
    why: 'after it is touch-dry',
    steps: [...ready, GLOSS, DAY, { do: 'line' }, { wait: '40 min' }, { do: 'handle' }],
    told: [],
  },
  {
    why: 'joined without a trial fit',
    steps: [PRIME, DAY, { do: 'assemble' }],
    told: ['2 fit-check-missing note'],
  },
  { why: 'tried dry', steps: [PRIME, DAY, { do: 'assemble', checked: ['fit'] }], told: [] },
  {
    why: 'tint on the outside of glass',
    steps: [{ do: 'clear-colour', family: 'alcohol-acrylic' }],
    more: { substrate: 'clear-styrene' },
    told: ['0 clear-part-outside note'],
  },
  {
    why: 'tint on the inside',
    steps: [{ do: 'clear-colour', family: 'alcohol-acrylic', side: 'inside' }],
    more: { substrate: 'clear-styrene' },
    told: [],
  },
  {
    why: 'a streak against the fall',
    steps: [...ready, MATT, DAY, { do: 'streak', fall: 'against' }],
    told: ['4 against-gravity note'],
  },
  {
    why: 'with a cause',
    steps: [...ready, MATT, DAY, { do: 'streak', fall: 'across', cause: 'wind' }],
    told: [],
  },
])

table('thickness and holes', [
  {
    why: 'paint on both faces of a joint',
    steps: [{ do: 'prime', coats: ['light', 'light'] }, DAY, { do: 'assemble', checked: ['fit'] }],
    more: { jointGapMm: 0.015 },
    told: ['2 tight-fit note'],
  },
  {
    why: 'a joint with room for it',
    steps: [{ do: 'prime', coats: ['light', 'light'] }, DAY, { do: 'assemble', checked: ['fit'] }],
    more: { jointGapMm: 0.02 },
    told: [],
  },
  {
    why: 'cut twice through three coats: edges lose double',
    steps: [
      ...[PRIME, DAY, { ...GLOSS, coats: ['light', 'light', 'light'] } as Step, WEEK],
      { do: 'cut-polish' },
      { do: 'cut-polish' },
    ],
    told: ['4 edge-rub-through note', '5 edge-rub-through note'],
  },
  {
    why: 'holes after the paint',
    steps: [PRIME, DAY, { do: 'drill' }],
    told: ['2 drill-after-paint note'],
  },
  { why: 'holes before it', steps: [{ do: 'drill' }, PRIME], told: [] },
])

table('contrast of the lining', [
  {
    why: 'near black on bone white is stark for a restrained look',
    steps: contrast('#1E1B1A', '#DAD5C4'),
    more: { scale: 144, school: { liningLook: 'restrained' } },
    told: ['4 contrast-stark note'],
  },
  {
    why: 'black on near black can’t be seen',
    steps: contrast('#1E1B1A', '#262628'),
    more: { scale: 144, school: { liningLook: 'normal' } },
    told: ['4 contrast-invisible note'],
  },
  {
    why: 'where nobody has asked for a look the normal one is meant',
    steps: contrast('#1E1B1A', '#DAD5C4'),
    more: { scale: 72 },
    told: ['4 contrast-stark note'],
  },
  {
    why: 'brown grey on white is right',
    steps: contrast('#3B3A38', '#E9E9E6'),
    more: { scale: 72 },
    told: [],
  },
  { why: 'of no scale', steps: contrast('#1E1B1A', '#DAD5C4'), told: [] },
  {
    why: 'on saturated red it reads from half the floor on',
    steps: contrast('#5A1A18', '#A8231F'),
    more: { scale: 72 },
    told: [],
  },
  {
    why: 'on grey as far apart it doesn’t',
    steps: contrast('#6B6B6B', '#8B8C8B'),
    more: { scale: 72 },
    told: ['4 contrast-invisible note'],
  },
])

function contrast(line: string, face: string): Step[] {
  return [
    { do: 'prime', family: 'lacquer', colour: face },
    DAY,
    { do: 'clear', family: 'lacquer', sheen: 'gloss' },
    DAY,
    { do: 'line', colour: line },
  ]
}

const blown = (celsius: number): Step => ({ wait: '2 h', climate: { celsius, air: 'forced' } })
const back: Step = { wait: '1 h', climate: { celsius: 20, air: 'room' } }
const next: Step = { do: 'base', family: 'lacquer' }
const twoPart: Step = { do: 'clear', family: 'urethane-2k', sheen: 'gloss' }
table('warm air', [
  { why: 'at what polystyrene bears', steps: [PRIME, blown(45), back, next], told: [] },
  { why: 'hotter than that', steps: [PRIME, blown(46), back, next], told: ['3 too-hot risk'] },
  {
    why: 'printed resin bears less',
    steps: [{ do: 'wash' }, PRIME, blown(41), back, next],
    more: { substrate: 'resin-printed' },
    told: ['4 too-hot risk'],
  },
  {
    why: 'on two-part paint that is still wet',
    steps: [...ready, twoPart, blown(35), back, { do: 'scuff' }],
    told: ['5 sand-too-early risk', '5 too-hot risk'],
  },
  {
    why: 'a film that was laid after it has none',
    steps: [PRIME, blown(50), back, next, DAY, next],
    told: ['3 too-hot risk'],
  },
])
