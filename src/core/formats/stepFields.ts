import type { ActRow } from '../knowledge/acts'
import {
  ADHESIVES,
  CHECKS,
  DECAL_FILMS,
  FILLERS,
  SHEENS,
  SOFTENERS,
  SOLVENTS,
  type WANTED,
  WETTED,
} from '../model/vocabulary'
import { familiesFor, toolsFor } from './stepProblems'

/** How a field is entered: one of a list, several of a list, yes or no, an amount, a time, a text, coats, a colour. */
export type Control =
  | { is: 'one' | 'several'; of: readonly string[] }
  | { is: 'yes' }
  | { is: 'amount'; unit: string; times: number }
  | { is: 'time' }
  | { is: 'text'; long?: true }
  | { is: 'coats' }
  | { is: 'colour' }

/** A field of an act as it is asked for. `path` is its place in the step: "product.recoat". */
export type StepField = {
  path: string
  label: string
  control: Control
  /** Shown at once; the others under "more". */
  usual: boolean
}

type Row = Omit<StepField, 'usual' | 'control' | 'label'> & {
  label: string | ((row: ActRow) => string)
  control: Control | ((row: ActRow) => Control)
  /** Does it make sense for the act? */
  offered: (row: ActRow) => boolean
  usual?: (row: ActRow) => boolean
  /** Asked of clear parts alone. */
  glass?: true
}

const always = () => true
const lays = ({ kind }: ActRow) => kind === 'film'
/** Paint of some kind is put on, or liquid worked with. */
const isWet = ({ kind, takes }: ActRow) =>
  (kind === 'film' || kind === 'clean' || kind === 'open') && takes?.length !== 0
const sprays = ({ inCoats, kind }: ActRow) => kind === 'film' && inCoats === true
const weathers = ({ weathering, kind }: ActRow) => weathering && kind === 'film'
const isMarked = (row: ActRow) => weathers(row) || row.marks !== undefined || row.kind === 'open'

const one = (of: readonly string[]): Control => ({ is: 'one', of })
const several = (of: readonly string[]): Control => ({ is: 'several', of })
const percent = (times: number): Control => ({ is: 'amount', unit: '%', times })

/** Marks that may be meant where an act is done. Source: handbook 2.6. */
function meantIn({
  role,
  tints,
  pools,
  ringsFlooded,
  runs,
  mask,
}: ActRow): (typeof WANTED)[number][] {
  const washes = role === 'wash' || role === 'filter' || tints === true
  return [
    ...(washes ? (['ghost'] as const) : []),
    ...(washes || pools || ringsFlooded || runs ? (['tide-ring'] as const) : []),
    ...(mask === 'grain' ? (['salt-frost'] as const) : []),
  ]
}

/** Everything that a step may say, with the acts that it makes sense for. Source: docs/formats.md; handbook 2.6, what it asks. */
const FIELDS: readonly Row[] = [
  {
    path: 'family',
    label: 'Family',
    control: (row) => one(familiesFor(row)),
    offered: (row) => row.family !== null || lays(row),
    usual: lays,
  },
  {
    path: 'tool',
    label: 'Done with',
    control: (row) => one(toolsFor(row)),
    offered: always,
    usual: always,
  },
  {
    path: 'coats',
    label: 'Coats',
    control: { is: 'coats' },
    offered: ({ inCoats }) => inCoats === true,
    usual: sprays,
  },
  {
    path: 'colour',
    label: 'Colour',
    control: { is: 'colour' },
    offered: (row) => lays(row) && row.role !== 'decal',
    usual: ({ role }) => role !== 'clear' && role !== 'release',
  },
  {
    path: 'sheen',
    label: 'Sheen',
    control: one(SHEENS),
    offered: lays,
    usual: ({ role }) => role === 'clear',
  },
  {
    path: 'solvent',
    label: 'Solvent',
    control: one(SOLVENTS),
    offered: (row) => row.kind !== 'mask' && row.kind !== 'handle',
    usual: ({ kind }) => kind === 'clean' || kind === 'open',
  },
  {
    path: 'grit',
    label: 'Grit',
    control: { is: 'amount', unit: '', times: 1 },
    offered: ({ cuts }) => cuts !== undefined,
    usual: always,
  },
  {
    path: 'filler',
    label: 'Filled with',
    control: one(FILLERS),
    offered: ({ fills }) => fills === true,
    usual: always,
  },
  {
    path: 'depthMm',
    label: 'Deepest',
    control: { is: 'amount', unit: 'mm', times: 1 },
    offered: ({ fills }) => fills === true,
    usual: always,
  },
  {
    path: 'kicker',
    label: 'Kicker on it',
    control: { is: 'yes' },
    offered: ({ fills }) => fills === true,
  },
  {
    path: 'decalFilm',
    label: 'Printed on',
    control: one(DECAL_FILMS),
    offered: (row) => lays(row) && row.role === 'decal',
    usual: always,
  },
  {
    path: 'softener',
    label: 'Softener',
    control: one(SOFTENERS),
    offered: ({ kind, role }) => kind === 'clean' && role === 'decal',
    usual: always,
  },
  {
    path: 'passes',
    label: 'Passes over one place',
    control: { is: 'amount', unit: '', times: 1 },
    offered: ({ rubs, cuts, polishes }) => rubs === true || cuts !== undefined || polishes === true,
    usual: ({ rubs }) => rubs === true,
  },
  {
    path: 'adhesive',
    label: 'Glue',
    control: one(ADHESIVES),
    offered: ({ fitsGlass, joins }) => fitsGlass === true || joins === true,
    usual: always,
  },
  {
    path: 'wetted',
    label: 'Stuck on',
    control: one(WETTED),
    offered: ({ mask }) => mask === 'grain',
    usual: ({ kind }) => kind === 'mask',
  },
  {
    path: 'fall',
    label: 'Runs',
    control: one(['with', 'across', 'against']),
    offered: ({ dragged, effect, kind }) =>
      dragged === true || (kind === 'film' && effect === 'streaks'),
    usual: ({ dragged }) => dragged === true,
  },
  { path: 'amount', label: 'Of the face', control: percent(0.01), offered: isMarked },
  {
    path: 'markMm',
    label: 'A mark is',
    control: { is: 'amount', unit: 'mm', times: 1 },
    offered: isMarked,
  },
  {
    path: 'direction',
    label: 'It runs, from ahead over down',
    control: { is: 'amount', unit: '°', times: 1 },
    offered: isMarked,
  },
  {
    path: 'cause',
    label: 'Comes from',
    control: { is: 'text' },
    offered: isMarked,
    usual: ({ dragged }) => dragged === true,
  },
  {
    path: 'checked',
    label: 'Looked at',
    control: several(CHECKS),
    offered: ({ role, joins, fitsGlass, grips }) =>
      role === 'clear' || joins === true || fitsGlass === true || grips === true,
    usual: ({ joins, fitsGlass }) => joins === true || fitsGlass === true,
  },
  { path: 'gap', label: 'Between coats', control: { is: 'time' }, offered: sprays },
  { path: 'thinning', label: 'Thinner in the mix', control: percent(0.01), offered: isWet },
  { path: 'retarder', label: 'Retarder', control: percent(1), offered: isWet },
  { path: 'flowAid', label: 'Flow aid', control: percent(1), offered: isWet },
  {
    path: 'warmAir',
    label: 'Warm air over it',
    control: { is: 'amount', unit: 's', times: 1 },
    offered: isWet,
  },
  {
    path: 'over',
    label: 'Goes on',
    control: one(['all', 'patch']),
    offered: lays,
    usual: ({ tints, pools }) => tints === true || pools === true,
  },
  {
    path: 'wick',
    label: 'Pools are wicked up as they form',
    control: { is: 'yes' },
    offered: ({ runs, pools, ringsFlooded, weathering }) =>
      runs === true || pools === true || ringsFlooded === true || weathering,
  },
  {
    path: 'wanted',
    label: 'Meant, and no fault',
    control: (row) => several(meantIn(row)),
    offered: (row) => meantIn(row).length > 0,
  },
  {
    path: 'etch',
    label: 'Bites metal',
    control: { is: 'yes' },
    offered: ({ role }) => role === 'primer',
  },
  {
    path: 'side',
    label: 'Side of the glass',
    control: one(['inside', 'outside']),
    offered: lays,
    glass: true,
  },
  {
    path: 'tested',
    label: 'Tried on a test piece',
    control: { is: 'yes' },
    offered: (row) => isWet(row),
  },
  {
    path: 'intent',
    label: 'Damage is the aim',
    control: one(['attack']),
    offered: (row) => isWet(row) || row.fitsGlass === true,
  },
  {
    path: 'protection',
    label: 'Mask and gloves are at hand',
    control: one(['confirmed']),
    offered: always,
  },
  {
    path: 'reworkHours',
    label: 'Can be worked',
    control: { is: 'amount', unit: 'h', times: 1 },
    offered: weathers,
  },
  {
    path: 'minutes',
    label: ({ kind }) => (kind === 'film' ? 'Each coat takes' : 'Takes'),
    control: { is: 'amount', unit: 'min', times: 1 },
    offered: always,
    usual: always,
  },
  { path: 'product.flash', label: 'Flash', control: { is: 'time' }, offered: isWet },
  { path: 'product.touch', label: 'Touch-dry', control: { is: 'time' }, offered: isWet },
  {
    path: 'product.recoat',
    label: 'Next product',
    control: { is: 'time' },
    offered: (row) => isWet(row) || row.kind === 'mask',
  },
  {
    path: 'product.latest',
    label: 'Next product at the latest',
    control: { is: 'time' },
    offered: isWet,
  },
  { path: 'product.sand', label: 'Sands', control: { is: 'time' }, offered: isWet },
  { path: 'product.tape', label: 'Bears tape', control: { is: 'time' }, offered: isWet },
  { path: 'product.cured', label: 'Cured', control: { is: 'time' }, offered: isWet },
  { path: 'product.potLife', label: 'Pot life', control: { is: 'time' }, offered: isWet },
  {
    path: 'product.reworkMinutes',
    label: 'Can be worked',
    control: { is: 'amount', unit: 'min', times: 1 },
    offered: weathers,
  },
  { path: 'name', label: 'Called', control: { is: 'text' }, offered: always },
  { path: 'note', label: 'Note', control: { is: 'text', long: true }, offered: always },
]

/** The fields that an act may say, the usual ones first. @param onGlass is it done on a clear part? */
export function stepFields(row: ActRow, onGlass = true): StepField[] {
  const offered = FIELDS.filter((field) => field.offered(row) && (onGlass || !field.glass)).map(
    ({ path, label, control, usual }): StepField => ({
      path,
      label: typeof label === 'function' ? label(row) : label,
      control: typeof control === 'function' ? control(row) : control,
      usual: usual?.(row) ?? false,
    }),
  )
  return [...offered.filter(({ usual }) => usual), ...offered.filter(({ usual }) => !usual)]
}
