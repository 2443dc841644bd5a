/** The largest example job: six parts, nineteen bottles, twenty-nine acts. Waits are reckoned. */
export const BOTTLES = [
  'Grey Primer, Ferrowick, lacquer, 60 ml',
  'Black Primer',
  'Harbour Teal, Palewater, alcohol acrylic, 10 ml, #2F6B6A',
  'Bone White, #DAD5C4',
  'Burnt Bell, lacquer, metal, #6E5A4C',
  'Brass Bright, #B08D3E',
  'Band Ochre, Osmund, water acrylic, colour, 17 ml, #B98A2F',
  'Clear Gloss, lacquer, clear, 60 ml',
  'Deep Brown Wash, Glasswing, enamel wash, 30 ml',
  'Rust Streak, #8A4B22',
  'Matt Clear, Osmund, alcohol acrylic, 60 ml',
  'Black Line Wash, Glasswing, enamel wash, 30 ml',
  'Pale Dust Wash, #B7A78A',
  'Soot Powder, Argentry, 20 ml',
  'Fixer, 30 ml',
  'Chipping Fluid, 60 ml',
  'Metal Chips, Osmund, water acrylic, colour, 17 ml, #4A4038',
  'Levelling Thinner, Ferrowick, lacquer, 250 ml',
  'Smoke, Argentry, oil, 20 ml, #3A332C',
] as const

export const PARTS = [
  'part Port hull: polystyrene, 186 cm²',
  'part Starboard hull: polystyrene, 186 cm²',
  'part Engine bells: cast resin, 42 cm²',
  'part Aerials: brass, 6 cm²',
  'part Bridge glass: clear styrene, 4 cm²',
  'part Stand: wood, 60 cm²',
] as const

/** Parts of a step: which chips are on. */
type On = 'all' | 'hulls' | 'bells' | 'bells and aerials' | 'aerials' | 'stand' | 'glass'

/** One act of the job: how it is said, how it is tapped (an act, a bottle, or both), and on which parts. */
export type JobStep = { on: On; said: string; act?: string; bottle?: string }

export const STEPS: readonly JobStep[] = [
  { on: 'all', said: 'wash the part', act: 'Wash the part' },
  { on: 'bells and aerials', said: 'degrease', act: 'Degrease' },
  { on: 'hulls', said: 'prime Grey Primer', bottle: 'Grey Primer' },
  { on: 'bells', said: 'prime Grey Primer', bottle: 'Grey Primer' },
  { on: 'aerials', said: 'prime Grey Primer etching', bottle: 'Grey Primer' },
  { on: 'stand', said: 'prime Black Primer', bottle: 'Black Primer' },
  { on: 'hulls', said: 'base Harbour Teal', bottle: 'Harbour Teal' },
  { on: 'hulls', said: 'tape', act: 'Tape off' },
  { on: 'hulls', said: 'base Bone White x3', bottle: 'Bone White' },
  { on: 'hulls', said: 'untape', act: 'Take the tape off' },
  { on: 'bells', said: 'metal Burnt Bell', bottle: 'Burnt Bell' },
  { on: 'aerials', said: 'metal Brass Bright', bottle: 'Brass Bright' },
  { on: 'hulls', said: 'detail Band Ochre', act: 'Paint details', bottle: 'Band Ochre' },
  { on: 'hulls', said: 'Clear Gloss', bottle: 'Clear Gloss' },
  { on: 'hulls', said: 'decals', act: 'Decals' },
  { on: 'hulls', said: 'line Deep Brown Wash', bottle: 'Deep Brown Wash' },
  { on: 'hulls', said: 'clean', act: 'Clean up the lining' },
  { on: 'bells', said: 'line Black Line Wash', bottle: 'Black Line Wash' },
  { on: 'bells', said: 'clean', act: 'Clean up the lining' },
  { on: 'hulls', said: 'Matt Clear', bottle: 'Matt Clear' },
  { on: 'hulls', said: 'streak Rust Streak', act: 'Streaks', bottle: 'Rust Streak' },
  { on: 'hulls', said: 'drag the streaks', act: 'Drag the streaks' },
  { on: 'hulls', said: 'dust Pale Dust Wash', act: 'Dust', bottle: 'Pale Dust Wash' },
  { on: 'bells', said: 'powder Soot Powder', bottle: 'Soot Powder' },
  { on: 'bells', said: 'fix the powders', act: 'Fix the powders' },
  { on: 'stand', said: 'base Harbour Teal', bottle: 'Harbour Teal' },
  { on: 'stand', said: 'Matt Clear', bottle: 'Matt Clear' },
  { on: 'glass', said: 'fit the glass white glue', act: 'Fit the glass' },
  { on: 'all', said: 'assemble fit checked', act: 'Assemble' },
]

/** The parts of each group, by name. */
export const GROUPS: Record<On, readonly string[]> = {
  all: [],
  hulls: ['Port hull', 'Starboard hull'],
  bells: ['Engine bells'],
  'bells and aerials': ['Engine bells', 'Aerials'],
  aerials: ['Aerials'],
  stand: ['Stand'],
  glass: ['Bridge glass'],
}

/** The job as a plan in words: a line a part, a line an act. */
export function planText(): string {
  const lines = STEPS.map(({ on, said }) => {
    const names = GROUPS[on]
    return names.length === 0 ? said : `${names.join(', ')}: ${said}`
  })
  return [...PARTS, ...lines].join('\n')
}
