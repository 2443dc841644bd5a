import type { Step } from '../../model/sequence'
import { table } from '../tests/table'

const PRIME: Step = { do: 'prime', colour: '#8B8C8B' }
const DAY: Step = { wait: '24 h' }
const ready: Step[] = [PRIME, DAY]
const BRUSHED: Step = { do: 'base', family: 'water-acrylic', tool: 'brush' }
const GLOSS: Step = { do: 'clear', family: 'lacquer', sheen: 'gloss' }
const MATT: Step = { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt' }
const WATER_MATT: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'matt' }
const locked: Step[] = [...ready, MATT, DAY]
const CHROME: Step = { do: 'chrome', coats: ['mist', 'mist'] }
const BLACK: Step = {
  do: 'base',
  family: 'lacquer',
  sheen: 'gloss',
  colour: '#0B0B0C',
  coats: ['light', 'light'],
}

table('water over dry water', [
  {
    why: 'a detail on touch-dry colour, before its recoat (90 min)',
    steps: [...ready, BRUSHED, { wait: '45 min' }, { do: 'drybrush' }],
    told: [],
  },
  {
    why: 'a light sprayed matt there: another product, a note',
    steps: [...ready, BRUSHED, { wait: '45 min' }, WATER_MATT],
    told: ['4 recoat-too-early note'],
  },
  {
    why: 'a wet one',
    steps: [...ready, BRUSHED, { wait: '45 min' }, { ...WATER_MATT, coats: ['wet'] } as Step],
    told: ['4 solvent-attacks-film stop', '4 recoat-too-early risk'],
  },
  {
    why: 'before touch (30 min)',
    steps: [...ready, BRUSHED, { wait: '15 min' }, WATER_MATT],
    told: ['4 solvent-attacks-film stop', '4 recoat-too-early stop'],
  },
  {
    why: 'small marks and a sprayed matt on a wash that is past its recoat (30 min)',
    steps: [
      ...[...ready, { do: 'wash', family: 'water-wash', wick: true } as Step, { wait: '30 min' }],
      ...([{ do: 'detail' }, { wait: '30 min' }, { do: 'chip-sponge' }] as Step[]),
      ...[{ wait: '30 min' }, WATER_MATT],
    ],
    told: ['8 recoat-too-early note'],
  },
  {
    why: 'small dry marks beside others, at once: a note on the flash',
    steps: [...ready, { do: 'drybrush' }, { do: 'chip-sponge' }, { do: 'scratch' }],
    told: ['3 recoat-too-early note', '4 recoat-too-early note'],
  },
  {
    why: 'a flooded wash wets it again',
    steps: [
      ...[...ready, { do: 'wash', family: 'water-wash', wick: true } as Step, { wait: '1 h' }],
      { do: 'rust-wash', coats: ['flood'], wick: true },
    ],
    told: ['4 lock-first risk'],
  },
  {
    why: 'mud over brush chips of 30 min: notes',
    steps: [...ready, { do: 'chip-brush' }, { wait: '30 min' }, { do: 'mud' }],
    told: ['4 recoat-too-early note', '4 seal-first note'],
  },
])

table('spots beside one another', [
  {
    why: 'a second detail in another family at once: a note',
    steps: [
      ...ready,
      { do: 'detail' },
      { do: 'metal', family: 'metal-enamel', tool: 'brush' },
      { do: 'pencil' },
    ],
    told: ['3 recoat-too-early note', '4 recoat-too-early risk'],
  },
  {
    why: 'oil dots over wet chips are no spot',
    steps: [...ready, { do: 'chip-sponge' }, { do: 'oil-dots' }],
    told: ['3 recoat-too-early risk', '3 seal-first note'],
  },
])

table('salt at once, and rinsed', [
  {
    why: 'sprinkled on tacky release, painted over at once, brushed off and rinsed',
    steps: [
      ...[...ready, { do: 'base', family: 'lacquer' } as Step, DAY, { do: 'release' } as Step],
      { do: 'salt', wetted: 'tacky' },
      { do: 'base', family: 'alcohol-acrylic' },
      { wait: '4 h' },
      { do: 'unsalt' },
      { do: 'wash' },
    ],
    told: ['6 recoat-too-early note', '6 salt-not-dry note'],
  },
  {
    why: 'washed again later, the chips still open',
    steps: [
      ...[...ready, { do: 'base', family: 'lacquer' } as Step, DAY, { do: 'release' } as Step],
      { do: 'salt', wetted: 'tacky' },
      { do: 'base', family: 'alcohol-acrylic' },
      { wait: '4 h' },
      { do: 'unsalt' },
      { do: 'wash' },
      { do: 'wash' },
    ],
    told: ['6 recoat-too-early note', '6 salt-not-dry note', '10 unsealed-chips risk'],
  },
])

table('a touch-up by needle is a spot', [
  {
    why: 'on whole chrome it bites all the same',
    steps: [
      ...[...ready, BLACK, { wait: '4 d' } as Step, CHROME, { wait: '4 d' } as Step],
      { do: 'base', family: 'lacquer', tool: 'needle', over: 'patch' },
    ],
    told: ['6 solvent-attacks-film stop'],
  },
])

table('oils and stains of one evening', [
  {
    why: 'dots, blended, a streak and a stain into it',
    steps: [
      ...locked,
      ...([{ do: 'oil-dots' }, { do: 'blend' }, { do: 'streak', family: 'oil' }] as Step[]),
      ...([{ do: 'streak-drag' }, { do: 'stain', family: 'oil' }, { do: 'blend' }] as Step[]),
    ],
    told: [],
  },
  {
    why: 'a stain is feathered at once, an enamel streak from 3 min on',
    steps: [
      ...locked,
      { do: 'stain' },
      { do: 'streak-drag' },
      { do: 'streak' },
      { wait: '3 min' },
      { do: 'streak-drag' },
    ],
    told: [],
  },
  {
    why: 'an enamel streak at once is dragged out',
    steps: [...locked, { do: 'streak' }, { do: 'streak-drag' }],
    told: ['5 clean-too-early risk'],
  },
  {
    why: 'dust and a rust wash in spirit of one evening, feathered at once',
    steps: [
      ...locked,
      ...([{ do: 'dust' }, { do: 'blend' }, { do: 'rust-wash', family: 'enamel-wash' }] as Step[]),
      { do: 'wash-clean' },
    ],
    told: [],
  },
  {
    why: 'a stain in lacquer over it bites, whatever the evening',
    steps: [...locked, { do: 'dust' }, { do: 'oil-dots' }, { do: 'rust-wash', family: 'lacquer' }],
    told: ['6 lock-first risk'],
  },
  {
    why: 'a blast mark in oil, worked into the stain over it',
    steps: [
      ...locked,
      { do: 'soot', family: 'oil', tool: 'brush' },
      { do: 'stain', family: 'oil' },
      { do: 'blend' },
    ],
    told: [],
  },
  {
    why: 'the next day it is another layer',
    steps: [...locked, { do: 'oil-dots' }, { do: 'blend' }, DAY, { do: 'streak', family: 'oil' }],
    told: ['7 lock-first risk'],
  },
])

table('powders and what holds them', [
  {
    why: 'dabbed into wet mud',
    steps: [...locked, { do: 'mud' }, { do: 'powder' }, { do: 'handle' }],
    told: ['6 handled-too-early stop'],
  },
  {
    why: 'a clear over mud that is wet is no powder in it',
    steps: [...locked, { do: 'mud' }, MATT],
    told: ['5 solvent-attacks-film stop', '5 recoat-too-early stop'],
  },
  {
    why: 'on mud that is dry they lie loose',
    steps: [...locked, { do: 'mud' }, DAY, { do: 'powder' }, { do: 'handle' }],
    told: ['7 powder-loose risk'],
  },
  {
    why: 'over gloss that a wash has dulled',
    steps: [
      ...[...ready, GLOSS, DAY],
      ...([
        { do: 'wash', family: 'water-wash', wick: true },
        { wait: '1 h' },
        { do: 'powder' },
      ] as Step[]),
    ],
    told: [],
  },
  {
    why: 'over gloss itself',
    steps: [...ready, GLOSS, DAY, { do: 'powder' }],
    told: ['4 tooth-needed risk'],
  },
])

table('schools of time', [
  {
    why: 'tape after a night, of low tack',
    steps: [
      ...ready,
      { do: 'base', family: 'water-acrylic' },
      { wait: '12 h' },
      { do: 'tape' },
      { do: 'untape' },
    ],
    told: ['4 tape-too-early note'],
  },
  {
    why: 'tape before that',
    steps: [
      ...ready,
      { do: 'base', family: 'water-acrylic' },
      { wait: '11 h' },
      { do: 'tape' },
      { do: 'untape' },
    ],
    told: ['4 tape-too-early risk'],
  },
  {
    why: 'two-part over two-part cut flat days later',
    steps: [
      ...[
        ...ready,
        {
          do: 'clear',
          family: 'urethane-2k',
          sheen: 'gloss',
          coats: ['mist', 'light', 'wet'],
        } as Step,
      ],
      ...[{ wait: '10 d' }, { do: 'cut-polish', grit: 2000 } as Step],
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss' },
    ],
    told: ['4 edge-rub-through note'],
  },
  {
    why: 'and over what was only polished',
    steps: [
      ...[
        ...ready,
        {
          do: 'clear',
          family: 'urethane-2k',
          sheen: 'gloss',
          coats: ['mist', 'light', 'wet'],
        } as Step,
      ],
      ...[{ wait: '10 d' }, { do: 'compound' } as Step],
      { do: 'clear', family: 'urethane-2k', sheen: 'gloss' },
    ],
    told: ['5 recoat-window-missed risk'],
  },
  {
    why: 'overspray is polished off a cured clear',
    steps: [
      ...[
        ...ready,
        {
          do: 'clear',
          family: 'lacquer',
          sheen: 'gloss',
          coats: ['light', 'light', 'light'],
        } as Step,
      ],
      ...[{ wait: '6 d' }, { do: 'soot', coats: ['mist'] } as Step, { wait: '1 h' }],
      { do: 'compound' },
    ],
    told: [],
  },
  {
    why: 'salt on release that is a day old',
    steps: [
      ...ready,
      { do: 'release' },
      { do: 'salt' },
      DAY,
      { do: 'base', family: 'lacquer' },
      DAY,
      { do: 'unsalt' },
    ],
    told: ['5 recoat-window-missed note'],
  },
])

table('bare plastic', [
  {
    why: 'two wet coats of lacquer',
    steps: [{ do: 'prime', coats: ['wet', 'wet'] }],
    told: ['0 solvent-attacks-substrate risk'],
  },
  { why: 'one', steps: [{ do: 'prime', coats: ['light', 'wet'] }], told: [] },
  {
    why: 'flooded',
    steps: [{ do: 'prime', coats: ['flood', 'flood'] }],
    told: ['0 solvent-attacks-substrate stop'],
  },
  {
    why: 'a dull lacquer clear may leave white deposits',
    steps: [{ do: 'clear', family: 'lacquer', sheen: 'matt' }],
    told: ['0 solvent-attacks-substrate risk'],
  },
  {
    why: 'tried at the real size',
    steps: [{ do: 'clear', family: 'lacquer', sheen: 'matt', tested: true }],
    told: [],
  },
  {
    why: 'ABS soaked in alcohol',
    steps: [{ do: 'wipe-back', solvent: 'alcohol', tool: 'soak' }],
    more: { substrate: 'abs' },
    told: ['0 solvent-attacks-substrate risk'],
  },
  {
    why: 'plastic solvent through paint, and no clear would help',
    steps: [...ready, { do: 'wipe-back', solvent: 'plastic-solvent' }],
    told: ['2 solvent-attacks-substrate stop'],
  },
])

table('latex has both ends', [
  {
    why: 'painted over before it is dry (15 min)',
    steps: [
      ...ready,
      { do: 'latex' },
      { wait: '10 min' },
      { do: 'base', family: 'water-acrylic', coats: ['light'] },
      { wait: '1 h' },
      { do: 'unlatex' },
    ],
    told: ['4 recoat-too-early risk'],
  },
  {
    why: 'dry',
    steps: [
      ...ready,
      { do: 'latex' },
      { wait: '15 min' },
      { do: 'base', family: 'water-acrylic', coats: ['light'] },
      { wait: '1 h' },
      { do: 'unlatex' },
    ],
    told: [],
  },
  {
    why: 'on for more than a day',
    steps: [
      ...ready,
      { do: 'latex' },
      { wait: '1 h' },
      { do: 'base', family: 'water-acrylic', coats: ['light'] },
      { wait: '24 h' },
      { do: 'unlatex' },
    ],
    told: ['6 unmask-late risk'],
  },
])

table('what closes the release coat', [
  {
    why: 'lacquer on lacquer, together more than two light coats',
    steps: [
      ...[...ready, { do: 'release' } as Step, { wait: '1 h' }],
      ...([
        { do: 'base', family: 'lacquer', coats: ['light', 'light'] },
        { wait: '10 min' },
      ] as Step[]),
      ...([{ do: 'base', family: 'lacquer' }, { wait: '1 h' }, { do: 'chip-wet' }] as Step[]),
    ],
    told: ['6 release-needs-thin-water-friendly-top risk'],
  },
  {
    why: 'enamel further up',
    steps: [
      ...[...ready, { do: 'release' } as Step, { wait: '1 h' }],
      ...([{ do: 'base', family: 'water-acrylic' }, { wait: '2 h' }] as Step[]),
      ...([{ do: 'base', family: 'enamel' }, { wait: '7 h' }, { do: 'chip-wet' }] as Step[]),
    ],
    told: ['6 release-needs-thin-water-friendly-top stop'],
  },
  {
    why: 'colour of 12 h takes warm water',
    steps: [
      ...[...ready, { do: 'release' } as Step, { wait: '1 h' }],
      ...([
        { do: 'base', family: 'water-acrylic' },
        { wait: '12 h' },
        { do: 'chip-wet' },
      ] as Step[]),
    ],
    told: ['6 chip-window risk'],
  },
  {
    why: 'of 11 h not yet',
    steps: [
      ...[...ready, { do: 'release' } as Step, { wait: '1 h' }],
      ...([
        { do: 'base', family: 'water-acrylic' },
        { wait: '11 h' },
        { do: 'chip-wet' },
      ] as Step[]),
    ],
    told: [],
  },
])

table('chrome ink asks for gloss black too', [
  {
    why: 'on grey primer',
    steps: [...ready, CHROME],
    told: ['2 mirror-needs-gloss-black risk'],
  },
  {
    why: 'on gloss black that is young (tape 12 h · 1.15)',
    steps: [...ready, BLACK, { wait: '10 h' }, CHROME],
    told: ['4 mirror-needs-gloss-black risk'],
  },
  { why: 'on cured gloss black', steps: [...ready, BLACK, { wait: '3 d' }, CHROME], told: [] },
])

table('colour that doesn’t cover', [
  {
    why: 'thinned 20 points past the guide (60 % for lacquer): many coats for two',
    steps: [
      ...ready,
      {
        do: 'base',
        family: 'lacquer',
        colour: '#A8231F',
        thinning: 0.8,
        coats: ['light', 'light'],
      },
    ],
    told: ['2 thin-paint-coats risk'],
  },
  {
    why: 'so thin of a colour that nobody says',
    steps: [...ready, { do: 'base', family: 'lacquer', thinning: 0.9 }],
    told: ['2 thin-paint-coats risk'],
  },
  {
    why: 'just inside of that, in enough coats',
    steps: [
      ...ready,
      { do: 'base', family: 'lacquer', colour: '#20242A', thinning: 0.79, coats: ['wet', 'wet'] },
    ],
    told: [],
  },
  {
    why: 'one coat of yellow over black',
    steps: [
      { do: 'prime', colour: '#222223' },
      DAY,
      { do: 'base', family: 'lacquer', colour: '#D8A520' },
    ],
    told: ['2 thin-paint-coats note'],
  },
  {
    why: 'misted on to change a tone',
    steps: [
      { do: 'prime', colour: '#222223' },
      DAY,
      { do: 'base', family: 'lacquer', colour: '#D8A520', coats: ['mist'] },
    ],
    told: [],
  },
  {
    why: 'thin over shading that is to show',
    steps: [
      ...ready,
      { do: 'preshade', family: 'lacquer', colour: '#222223' },
      DAY,
      { do: 'base', family: 'lacquer', colour: '#D8A520' },
    ],
    told: [],
  },
])

const WASHED: Step[] = [...ready, { do: 'wash', family: 'water-wash', wick: true }]
table('warm air at a step', [
  {
    why: 'a wash dried by 20 s of it takes the next wash after 5 min',
    steps: [
      ...ready,
      { do: 'wash', family: 'water-wash', wick: true, warmAir: 20 },
      { wait: '5 min' },
      { do: 'wash', family: 'water-wash', wick: true },
    ],
    told: [],
  },
  {
    why: 'without it that re-wets it',
    steps: [...WASHED, { wait: '5 min' }, { do: 'rust-wash', coats: ['flood'], wick: true }],
    told: ['4 lock-first risk'],
  },
  {
    why: 'brushed colour takes a matt after half an hour',
    steps: [...ready, { ...BRUSHED, warmAir: 40 } as Step, { wait: '30 min' }, WATER_MATT],
    told: [],
  },
  {
    why: 'who works with warm air says so once for all',
    steps: [...ready, BRUSHED, { wait: '30 min' }, WATER_MATT],
    more: { school: { speed: 'water-and-warm-air' } },
    told: [],
  },
  {
    why: 'and with patience it takes its time (90 min)',
    steps: [...ready, BRUSHED, { wait: '70 min' }, WATER_MATT],
    told: ['4 recoat-too-early note'],
  },
  {
    why: 'a decal after two heat cycles takes clear after 8 h instead of 12',
    steps: [
      ...[...ready, GLOSS, DAY, { do: 'decal', warmAir: 40 } as Step, { wait: '8 h' }],
      { ...GLOSS, coats: ['mist', 'mist', 'light'], checked: ['bubbles'] } as Step,
    ],
    told: [],
  },
  {
    why: 'but never after 2 h, however often',
    steps: [
      ...[...ready, GLOSS, DAY, { do: 'decal', warmAir: 600 } as Step, { wait: '2 h' }],
      { ...GLOSS, coats: ['mist', 'mist', 'light'], checked: ['bubbles'] } as Step,
    ],
    told: ['6 solvent-attacks-film risk', '6 recoat-too-early risk', '6 decal-moisture risk'],
  },
  {
    why: 'on two-part paint it boils',
    steps: [...ready, { do: 'clear', family: 'urethane-2k', sheen: 'gloss', warmAir: 20 }],
    told: ['2 too-hot risk'],
  },
  {
    why: 'on enamel it brings nothing',
    steps: [...ready, GLOSS, DAY, { do: 'line', warmAir: 20 }],
    told: ['4 too-hot note'],
  },
])

table('the small silences', [
  {
    why: 'a flooded rust wash leaves a ring',
    steps: [...locked, { do: 'rust-wash', coats: ['flood'] }],
    told: ['4 tide-mark-risk note'],
  },
  {
    why: 'gear glued with fumes beside the glass',
    steps: [
      { do: 'glue-clear', adhesive: 'white-glue' },
      { do: 'assemble', adhesive: 'cyanoacrylate' },
    ],
    told: ['1 fogs-clear-part risk'],
  },
  {
    why: 'salt is brushed off twice',
    steps: [
      ...ready,
      { do: 'salt' },
      DAY,
      { do: 'base', family: 'lacquer' },
      DAY,
      { do: 'unsalt' },
      { do: 'unsalt' },
    ],
    told: ['7 nothing-to-take-off note'],
  },
  {
    why: '60 °C in the room',
    steps: [PRIME],
    more: { climate: { celsius: 60, humidity: 20 } },
    told: ['0 too-hot stop'],
  },
  {
    why: 'a white veil over dark colour is no candy',
    steps: [
      ...[...ready, { do: 'base', family: 'lacquer', colour: '#20242A' } as Step, { wait: '3 d' }],
      { do: 'glaze', family: 'lacquer', colour: '#F4F4F0', coats: ['mist'] },
    ],
    told: [],
  },
  {
    why: 'metal on details by brush leaves what lies elsewhere alone',
    steps: [
      ...[...ready, GLOSS, DAY, { do: 'line' } as Step, DAY],
      { do: 'metal', family: 'metal-enamel', tool: 'brush' },
    ],
    told: [],
  },
])
