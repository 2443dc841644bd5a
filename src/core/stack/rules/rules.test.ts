import type { Step } from '../../model/sequence'
import { check } from '../check'
import { sequence } from '../tests/sequences'
import { table } from '../tests/table'

const PRIME: Step = { do: 'prime' }
const DAY: Step = { wait: '24 h' }
const GLOSS: Step = { do: 'clear', family: 'alcohol-acrylic', sheen: 'gloss' }
const MATT: Step = { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt' }
const BASE: Step = { do: 'base', family: 'alcohol-acrylic' }
const LINE: Step = { do: 'line' }
const ready: Step[] = [PRIME, DAY]
const glossed: Step[] = [PRIME, DAY, GLOSS, DAY]

table('recoat-too-early', [
  {
    why: 'before touch (20 min of lacquer primer) a stop',
    steps: [PRIME, { wait: '19 min' }, BASE],
    told: ['2 recoat-too-early stop'],
  },
  {
    why: 'between touch and recoat (60 min) a risk',
    steps: [PRIME, { wait: '50 min' }, BASE],
    told: ['2 recoat-too-early risk'],
  },
  {
    why: 'missed by less than 15 % of it a note',
    steps: [PRIME, { wait: '52 min' }, BASE],
    told: ['2 recoat-too-early note'],
  },
  { why: 'from recoat on nothing', steps: [PRIME, { wait: '60 min' }, BASE], told: [] },
  {
    why: 'the same product under half its flash (10 min) a risk',
    steps: [PRIME, { wait: '4 min' }, PRIME],
    told: ['2 recoat-too-early risk'],
  },
  {
    why: 'the same product under its flash a note',
    steps: [PRIME, { wait: '9 min' }, PRIME],
    told: ['2 recoat-too-early note'],
  },
  {
    why: 'from half of it on too',
    steps: [PRIME, { wait: '5 min' }, PRIME],
    told: ['2 recoat-too-early note'],
  },
  {
    why: 'the same product after its flash nothing',
    steps: [PRIME, { wait: '10 min' }, PRIME],
    told: [],
  },
  {
    why: 'a gap inside a step under half the flash a risk',
    steps: [{ do: 'prime', coats: ['light', 'light'], gap: '4 min' }],
    told: ['0 recoat-too-early risk'],
  },
  {
    why: 'after mist the flash is half: 5 min are enough',
    steps: [{ do: 'prime', coats: ['mist', 'light'], gap: '5 min' }],
    told: [],
  },
  {
    why: 'three coats recoat later: 60 min · 1.3',
    steps: [{ do: 'prime', coats: ['light', 'light', 'light'] }, { wait: '65 min' }, BASE],
    told: ['2 recoat-too-early risk'],
  },
  {
    why: 'patchy over patchy before touch: one grade lower',
    steps: [
      ...ready,
      { do: 'detail', family: 'alcohol-acrylic', solvent: 'water' },
      { do: 'pencil' },
    ],
    told: ['3 recoat-too-early risk'],
  },
])

table('solvent-attacks-film', [
  {
    why: 'alcohol dissolves fresh alcohol acrylic',
    steps: [
      ...ready,
      BASE,
      { wait: '65 min' },
      { do: 'base', family: 'water-acrylic', solvent: 'alcohol' },
    ],
    told: ['4 solvent-attacks-film risk'],
  },
  {
    why: 'levelling thinner only softens set alcohol acrylic: a light coat is safe',
    steps: [...ready, BASE, { wait: '65 min' }, { do: 'clear', family: 'lacquer', sheen: 'gloss' }],
    told: [],
  },
  {
    why: 'the same wet re-wets it',
    steps: [
      ...ready,
      BASE,
      { wait: '65 min' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['wet'] },
    ],
    told: ['4 solvent-attacks-film risk'],
  },
  {
    why: 'mist coats that have flashed shield it',
    steps: [
      ...ready,
      BASE,
      { wait: '65 min' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'wet'] },
    ],
    told: [],
  },
  {
    why: 'its own family keys in',
    steps: [PRIME, DAY, { do: 'base', family: 'lacquer', coats: ['wet'] }],
    told: [],
  },
  {
    why: 'its own family with a hotter thinner counts one step weaker: r becomes s, wet r',
    steps: [
      { do: 'prime', coats: ['light'] },
      { wait: '60 min' },
      { do: 'base', family: 'lacquer', solvent: 'lacquer-hot' },
    ],
    told: ['2 solvent-attacks-film stop'],
  },
  {
    why: 'spirit clean-up on enamel colour',
    steps: [
      ...ready,
      { do: 'base', family: 'enamel' },
      { wait: '30 h' },
      LINE,
      { wait: '1 h' },
      { do: 'line-clean' },
    ],
    more: { school: { liningSurface: 'matt' } },
    told: ['4 seal-first risk', '6 solvent-attacks-film risk'],
  },
  {
    why: 'an attack on purpose is a note',
    steps: [
      ...ready,
      BASE,
      { wait: '65 min' },
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['wet'], intent: 'attack' },
    ],
    told: ['4 solvent-attacks-film note', '4 scrap-test-first note'],
  },
])

table('solvent-attacks-substrate', [
  {
    why: 'hot lacquer wet on bare polystyrene crazes it',
    steps: [{ do: 'prime', solvent: 'lacquer-hot', coats: ['wet'] }],
    told: ['0 solvent-attacks-substrate risk'],
  },
  { why: 'light coats of it do not', steps: [{ do: 'prime', solvent: 'lacquer-hot' }], told: [] },
  {
    why: 'lacquer wet from the can leaves a texture',
    steps: [{ do: 'prime', tool: 'spray-can', coats: ['wet'] }],
    told: ['0 solvent-attacks-substrate risk'],
  },
  {
    why: 'hot lacquer melts ABS',
    steps: [{ do: 'prime', solvent: 'lacquer-hot' }],
    more: { substrate: 'abs' },
    told: ['0 solvent-attacks-substrate stop'],
  },
  {
    why: 'under a whole coat the substrate is safe',
    steps: [
      { do: 'prime' },
      { wait: '24 h' },
      { do: 'prime', solvent: 'lacquer-hot', coats: ['light'] },
    ],
    more: { substrate: 'clear-styrene' },
    told: [],
  },
  {
    why: 'mist is no cover',
    steps: [
      { do: 'prime', coats: ['mist'] },
      { wait: '24 h' },
      { do: 'base', family: 'lacquer', solvent: 'lacquer-hot' },
    ],
    more: { substrate: 'abs' },
    told: ['2 solvent-attacks-substrate stop'],
  },
  {
    why: 'any lacquer melts foam',
    steps: [{ do: 'prime' }],
    more: { substrate: 'foam' },
    told: ['0 solvent-attacks-substrate stop'],
  },
])

table('hard-over-soft', [
  {
    why: 'water acrylic over enamel before its recoat a stop',
    steps: [
      ...ready,
      { do: 'base', family: 'enamel' },
      { wait: '23 h' },
      { do: 'base', family: 'water-acrylic' },
    ],
    told: ['4 recoat-too-early risk', '4 hard-over-soft stop'],
  },
  {
    why: 'from recoat to cured a risk',
    steps: [
      ...ready,
      { do: 'base', family: 'enamel' },
      { wait: '25 h' },
      { do: 'base', family: 'water-acrylic' },
    ],
    told: ['4 hard-over-soft risk'],
  },
  {
    why: 'lacquer then a stop still',
    steps: [
      ...ready,
      { do: 'base', family: 'enamel' },
      { wait: '25 h' },
      { do: 'base', family: 'lacquer' },
    ],
    told: ['4 solvent-attacks-film stop', '4 hard-over-soft stop'],
  },
  {
    why: 'cured: nothing',
    steps: [
      ...ready,
      { do: 'base', family: 'enamel' },
      { wait: '7 d' },
      { do: 'base', family: 'water-acrylic' },
    ],
    told: [],
  },
  {
    why: 'over a set wash nothing',
    steps: [...glossed, LINE, { wait: '24 h' }, MATT],
    told: [],
  },
])

table('clean-too-early and clean-too-late', [
  {
    why: '20 min after the lining, with a swab: too early',
    steps: [...glossed, LINE, { wait: '20 min' }, { do: 'line-clean', tool: 'swab' }],
    told: ['6 clean-too-early risk'],
  },
  {
    why: 'with a damp brush after 3 min: a tint that is meant',
    steps: [...glossed, LINE, { wait: '3 min' }, { do: 'line-clean' }],
    told: ['6 clean-too-early note'],
  },
  {
    why: 'with a damp brush at once: too early',
    steps: [...glossed, LINE, { wait: '2 min' }, { do: 'line-clean' }],
    told: ['6 clean-too-early risk'],
  },
  {
    why: '30 min: in the window',
    steps: [...glossed, LINE, { wait: '30 min' }, { do: 'line-clean' }],
    told: [],
  },
  {
    why: '24 h: still in it',
    steps: [...glossed, LINE, { wait: '24 h' }, { do: 'line-clean' }],
    told: [],
  },
  {
    why: 'past 24 h: too late',
    steps: [...glossed, LINE, { wait: '24 h 1 min' }, { do: 'line-clean' }],
    told: ['6 clean-too-late risk'],
  },
  {
    why: 'the product says 2 h',
    steps: [...glossed, { do: 'line', reworkHours: 2 }, { wait: '3 h' }, { do: 'line-clean' }],
    told: ['6 clean-too-late risk'],
  },
  {
    why: 'an enamel used as a wash keeps 12 h',
    steps: [...glossed, { do: 'line', family: 'enamel' }, { wait: '13 h' }, { do: 'line-clean' }],
    told: ['6 clean-too-late risk'],
  },
  {
    why: 'a streak is dragged within the hour',
    steps: [...ready, MATT, DAY, { do: 'streak' }, { wait: '61 min' }, { do: 'streak-drag' }],
    told: ['6 clean-too-late risk'],
  },
  {
    why: 'and from three minutes on',
    steps: [...ready, MATT, DAY, { do: 'streak' }, { wait: '3 min' }, { do: 'streak-drag' }],
    told: [],
  },
])

table('flow-needs-gloss', [
  {
    why: 'over matt a risk',
    steps: [...ready, MATT, DAY, LINE],
    told: ['4 flow-needs-gloss risk'],
  },
  {
    why: 'over satin a note',
    steps: [...ready, { ...GLOSS, sheen: 'satin' } as Step, DAY, LINE],
    told: ['4 flow-needs-gloss note'],
  },
  {
    why: 'satin is the school: nothing',
    steps: [...ready, { ...GLOSS, sheen: 'satin' } as Step, DAY, LINE],
    more: { school: { liningSurface: 'satin' } },
    told: [],
  },
  {
    why: 'matt under the satin school a risk still',
    steps: [...ready, MATT, DAY, LINE],
    more: { school: { liningSurface: 'satin' } },
    told: ['4 flow-needs-gloss risk'],
  },
  {
    why: 'semi-gloss serves as gloss',
    steps: [...ready, { ...GLOSS, sheen: 'semi-gloss' } as Step, DAY, LINE],
    told: [],
  },
])

table('seal-first', [
  {
    why: 'spirit over fresh-set lacquer colour is inert',
    steps: [...ready, { do: 'base', family: 'lacquer' }, { wait: '2 h' }, LINE],
    more: { school: { liningSurface: 'matt' } },
    told: [],
  },
  {
    why: 'hot spirit softens set water acrylic: a note',
    steps: [
      ...ready,
      { do: 'base', family: 'water-acrylic' },
      { wait: '2 h' },
      { do: 'line', solvent: 'spirit-hot' },
    ],
    more: { school: { liningSurface: 'matt' } },
    told: ['4 seal-first note'],
  },
  {
    why: 'a whole clear lies between',
    steps: [...ready, { do: 'base', family: 'enamel' }, { wait: '8 d' }, GLOSS, DAY, LINE],
    told: [],
  },
])

table('lock-first', [
  {
    why: 'oils over fresh lining: a risk',
    steps: [...glossed, LINE, { wait: '2 h' }, { do: 'filter' }],
    told: ['6 lock-first risk', '6 tooth-needed note'],
  },
  {
    why: 'set: a note',
    steps: [...glossed, LINE, { wait: '25 h' }, { do: 'filter' }],
    told: ['6 lock-first note', '6 tooth-needed note'],
  },
  {
    why: 'layers of one effect in one sitting are meant to mix',
    steps: [...glossed, LINE, { wait: '1 h' }, LINE],
    told: [],
  },
])

table('masks', [
  {
    why: 'tape before the colour is tape-safe (12 h) a risk',
    steps: [
      ...ready,
      BASE,
      { wait: '11 h' },
      { do: 'tape' },
      BASE,
      { wait: '5 min' },
      { do: 'untape' },
    ],
    told: ['4 tape-too-early risk'],
  },
  {
    why: 'before touch a stop',
    steps: [...ready, BASE, { wait: '10 min' }, { do: 'tape' }, { do: 'untape' }],
    told: ['4 tape-too-early stop'],
  },
  {
    why: 'tape-safe and off again: nothing',
    steps: [
      ...ready,
      BASE,
      { wait: '12 h' },
      { do: 'tape' },
      BASE,
      { wait: '5 min' },
      { do: 'untape' },
    ],
    told: [],
  },
  {
    why: 'left on at the end a risk',
    steps: [...ready, { do: 'tape' }, BASE],
    told: ['3 mask-left-on risk'],
  },
  {
    why: 'sealed in for good a stop, told once',
    steps: [...ready, { do: 'salt' }, { wait: '3 h' }, GLOSS, DAY, LINE],
    told: ['4 mask-left-on stop'],
  },
  {
    why: 'tape for the clear, off afterwards: nothing',
    steps: [...ready, { do: 'tape' }, GLOSS, { wait: '5 min' }, { do: 'untape' }],
    told: [],
  },
  {
    why: 'tape left through full cure',
    steps: [...ready, { do: 'tape' }, BASE, { wait: '49 h' }, { do: 'untape' }],
    told: ['5 unmask-late risk'],
  },
])

test.each<{ why: string; steps: Step[]; says: string }>([
  {
    why: 'a mask under what seals it in',
    steps: [...ready, { do: 'salt' }, { wait: '3 h' }, GLOSS, DAY, LINE],
    says: 'Take it off first',
  },
  {
    why: 'tape for a clear that never comes off',
    steps: [...ready, { do: 'tape' }, GLOSS],
    says: 'Take it off at the end of the work',
  },
  {
    why: 'tape left through full cure',
    steps: [...ready, { do: 'tape' }, BASE, { wait: '49 h' }, { do: 'untape' }],
    says: 'Take it off right after the last coat',
  },
])('the way out of $why: $says', ({ steps, says }) => {
  const { findings } = check(sequence(steps))
  expect(findings.flatMap(({ remedies }) => remedies).map(({ say }) => say)).toContain(says)
})

const RELEASED: Step[] = [PRIME, DAY, { do: 'release' }, { wait: '30 min' }]
const TOP: Step = { do: 'base', family: 'water-acrylic' }

table('release and chipping', [
  {
    why: 'nothing to open a stop',
    steps: [...ready, TOP, { wait: '1 h' }, { do: 'chip-wet' }],
    told: ['4 no-release-under stop'],
  },
  {
    why: 'sound within the window',
    steps: [...RELEASED, TOP, { wait: '1 h' }, { do: 'chip-wet' }],
    told: [],
  },
  {
    why: 'before the top is touch-dry a risk',
    steps: [...RELEASED, TOP, { wait: '10 min' }, { do: 'chip-wet' }],
    told: ['6 chip-window risk'],
  },
  {
    why: 'after 24 h a risk',
    steps: [...RELEASED, TOP, { wait: '25 h' }, { do: 'chip-wet' }],
    told: ['6 chip-window risk'],
  },
  {
    why: 'lacquer from 3 h on a note',
    steps: [...RELEASED, { do: 'base', family: 'lacquer' }, { wait: '4 h' }, { do: 'chip-wet' }],
    told: ['6 chip-window note'],
  },
  {
    why: 'the top coat comes after the release has grown old',
    steps: [PRIME, DAY, { do: 'release' }, { wait: '13 h' }, TOP],
    told: ['4 recoat-window-missed risk'],
  },
  {
    why: 'enamel keeps the water out',
    steps: [...RELEASED, { do: 'base', family: 'enamel' }],
    told: ['4 release-needs-thin-water-friendly-top stop'],
  },
  {
    why: 'an undercoat that is only set is scrubbed through',
    steps: [
      ...ready,
      TOP,
      { wait: '2 h' },
      { do: 'release' },
      { wait: '30 min' },
      TOP,
      { wait: '1 h' },
      { do: 'chip-wet' },
    ],
    told: ['8 undercoat-not-fast risk'],
  },
])

table('decals', [
  {
    why: 'over matt a risk',
    steps: [...ready, MATT, DAY, { do: 'decal' }],
    told: ['4 decal-needs-gloss risk'],
  },
  {
    why: 'over satin a note',
    steps: [...ready, { ...GLOSS, sheen: 'satin' } as Step, DAY, { do: 'decal' }],
    told: ['4 decal-needs-gloss note'],
  },
  { why: 'over gloss nothing', steps: [...glossed, { do: 'decal' }], told: [] },
  {
    why: 'a wet lacquer coat first',
    steps: [
      ...glossed,
      { do: 'decal' },
      DAY,
      { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['wet'] },
    ],
    told: ['6 solvent-attacks-film risk', '6 decal-hot-clear risk', '6 decal-bubble-check note'],
  },
])

table('the bare part', [
  {
    why: 'water-borne colour on bare polystyrene a note',
    steps: [TOP],
    told: ['0 needs-primer note'],
  },
  {
    why: 'lacquer colour needs no primer there',
    steps: [{ do: 'base', family: 'lacquer' }],
    told: [],
  },
  {
    why: 'cast resin wants degreasing and primer',
    steps: [BASE],
    more: { substrate: 'resin-cast' },
    told: ['0 needs-primer risk', '0 needs-degrease risk'],
  },
  {
    why: 'degreased and primed: nothing',
    steps: [{ do: 'degrease' }, PRIME],
    more: { substrate: 'resin-printed' },
    told: [],
  },
  {
    why: 'metal wants a primer that bites',
    steps: [{ do: 'degrease' }, PRIME],
    more: { substrate: 'metal' },
    told: ['1 needs-etch risk'],
  },
  {
    why: 'and has one',
    steps: [{ do: 'degrease' }, { do: 'prime', etch: true }],
    more: { substrate: 'metal' },
    told: [],
  },
  {
    why: 'enamel on bare vinyl never cures',
    steps: [{ do: 'base', family: 'enamel' }],
    more: { substrate: 'pvc-vinyl' },
    told: ['0 never-cures stop'],
  },
  {
    why: 'a product that suits the shell',
    steps: [{ do: 'base', family: 'water-acrylic', product: { suits: ['polycarbonate'] } }],
    more: { substrate: 'polycarbonate' },
    told: [],
  },
])

table('cutting and polishing', [
  {
    why: 'sanding primer before 3 h a risk',
    steps: [PRIME, { wait: '119 min' }, { do: 'sand' }],
    told: ['2 sand-too-early risk'],
  },
  {
    why: 'wet, with a soft sponge, from 2 h: a note',
    steps: [PRIME, { wait: '2 h' }, { do: 'sand' }],
    told: ['2 sand-too-early note'],
  },
  {
    why: 'colour is not cut wet at 2 h',
    steps: [
      ...ready,
      { do: 'base', family: 'lacquer' },
      { wait: '2 h' },
      { do: 'sand', grit: 1500 },
    ],
    told: ['4 sand-too-early risk'],
  },
  {
    why: 'unless it is sanded through on purpose',
    steps: [
      ...ready,
      { do: 'base', family: 'lacquer' },
      { wait: '2 h' },
      { do: 'sand', grit: 1500, intent: 'attack', tested: true },
    ],
    told: ['4 sand-too-early note'],
  },
  { why: 'before touch a stop', steps: [PRIME, { do: 'sand' }], told: ['1 sand-too-early stop'] },
  { why: 'from 3 h on nothing', steps: [PRIME, { wait: '3 h' }, { do: 'sand' }], told: [] },
  {
    why: 'compound on a clear that is not cured',
    steps: [...glossed, { do: 'compound' }],
    told: ['4 polish-too-early risk', '4 clear-too-thin-to-polish risk', '4 edge-rub-through note'],
  },
])

table('the air', [
  {
    why: 'water acrylic at 7 °C a stop',
    steps: [TOP],
    more: { substrate: 'clear-styrene', climate: { celsius: 7 } },
    told: ['0 too-cold stop'],
  },
  {
    why: 'at 9 °C a risk',
    steps: [TOP],
    more: { substrate: 'clear-styrene', climate: { celsius: 9 } },
    told: ['0 too-cold risk'],
  },
  {
    why: 'at 11 °C a note',
    steps: [TOP],
    more: { substrate: 'clear-styrene', climate: { celsius: 11 } },
    told: ['0 too-cold note'],
  },
  {
    why: 'at 12 °C nothing',
    steps: [TOP],
    more: { substrate: 'clear-styrene', climate: { celsius: 12 } },
    told: [],
  },
  {
    why: 'lacquer at 76 % a risk',
    steps: [PRIME],
    more: { climate: { celsius: 20, humidity: 76 } },
    told: ['0 too-damp risk'],
  },
  {
    why: 'lacquer at 86 % a stop',
    steps: [PRIME],
    more: { climate: { celsius: 20, humidity: 86 } },
    told: ['0 too-damp stop'],
  },
  {
    why: 'airbrushing above 30 °C a risk',
    steps: [PRIME],
    more: { climate: { celsius: 31 } },
    told: ['0 too-hot risk'],
  },
  {
    why: 'with retarder nothing',
    steps: [{ do: 'prime', retarder: 3 }],
    more: { climate: { celsius: 31 } },
    told: [],
  },
  {
    why: 'a cold part in damp air drips',
    steps: [PRIME],
    more: { climate: { celsius: 20, humidity: 70, partCelsius: 15 } },
    told: ['0 too-damp stop'],
  },
])

table('tooth and powder', [
  {
    why: 'powder on gloss a risk',
    steps: [...glossed, { do: 'powder' }],
    told: ['4 tooth-needed risk'],
  },
  { why: 'powder on matt nothing', steps: [...ready, MATT, DAY, { do: 'powder' }], told: [] },
  {
    why: 'clear over powder eats it',
    steps: [...ready, MATT, DAY, { do: 'powder' }, MATT],
    told: ['5 clear-eats-powder note'],
  },
])

const SEAL: Step = { do: 'clear', family: 'acrylic-pu', sheen: 'gloss', coats: ['mist', 'light'] }

table('chipping through a clear', [
  {
    why: 'that seals the top colour: water does not come to the release coat',
    steps: [...RELEASED, TOP, { wait: '4 h' }, SEAL, { wait: '4 h' }, { do: 'chip-wet' }],
    told: ['8 release-needs-thin-water-friendly-top stop'],
  },
  {
    why: 'in mist, which seals nothing',
    steps: [
      ...RELEASED,
      TOP,
      { wait: '4 h' },
      { ...SEAL, coats: ['mist'] } as Step,
      { wait: '4 h' },
      { do: 'chip-wet' },
    ],
    told: [],
  },
])

table('masks over a release coat', [
  {
    why: 'latex is peeled off, and the release coat stays to be opened',
    steps: [
      ...RELEASED,
      { do: 'latex' },
      { wait: '1 h' },
      TOP,
      { wait: '1 h' },
      { do: 'unlatex' },
      { wait: '1 h' },
      { do: 'chip-wet' },
    ],
    told: [],
  },
  {
    why: 'salt is scrubbed off, and the release coat goes with it',
    steps: [
      ...RELEASED,
      { do: 'salt', solvent: 'water' },
      { wait: '1 h' },
      TOP,
      { wait: '1 h' },
      { do: 'unsalt' },
      { wait: '1 h' },
      { do: 'chip-wet' },
    ],
    told: ['10 no-release-under stop'],
  },
])
