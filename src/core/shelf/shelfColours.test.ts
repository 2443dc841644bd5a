import type { Bottle } from '../model/bottle'
import { gradedWashes, pickLining, washGradient } from './pickLining'
import { bottlePaint, mixableFamilies, mixablePaints } from './shelfColours'

let count = 0
const bottle = (more: Partial<Bottle>): Bottle => ({
  id: `b${++count}`,
  name: `Bottle ${count}`,
  family: 'enamel-wash',
  role: 'wash',
  sizeMl: 30,
  leftMl: 20,
  ...more,
})
const BROWN = bottle({ name: 'Brown', colour: '#3B2F27' })
const NEUTRAL = bottle({ name: 'Neutral', colour: '#3B3A38' })
const BLACK = bottle({ name: 'Black', colour: '#1A1A1A' })
const GREEN = bottle({ name: 'Green', colour: '#2E3524' })
const WASHES = [BLACK, NEUTRAL, GREEN, BROWN]

const question = (face: string, more = {}) => ({
  face,
  look: 'normal' as const,
  scale: 35,
  depthMm: 0.2,
  share: null,
  ...more,
})

describe('a wash for a face, handbook 5.3', () => {
  test.each([
    ['white', '#E9E9E6', 'Brown'],
    ['ochre', '#B98A2F', 'Brown'],
    ['green', '#7A9A58', 'Green'],
    ['red', '#B8331F', 'Black'],
  ])('%s is lined with %s first', (_, face, name) => {
    const { washes } = pickLining(WASHES, question(face))
    expect(washes[0]?.bottle.name).toBe(name)
    expect(washes[0]).toMatchObject({ reads: true, darker: true, suits: true })
  })
  it('what reads comes before what doesn’t, and stays in its band', () => {
    const { band, washes } = pickLining(WASHES, question('#8B8C8B', { look: 'restrained' }))
    const reads = washes.map((wash) => wash.reads)
    expect(reads).toEqual(reads.toSorted((a, b) => Number(b) - Number(a)))
    for (const wash of washes.filter((each) => each.reads)) {
      expect(wash.deltaE00).toBeGreaterThanOrEqual(band.from)
      expect(wash.deltaE00).toBeLessThanOrEqual(band.to)
    }
  })
  it('dust comes after every shadow, however much of it there is', () => {
    const dust = bottle({ name: 'Dust', colour: '#A8977A', leftMl: 200 })
    const { washes } = pickLining([dust, NEUTRAL, BROWN], question('#DAD5C4'))
    expect(washes.map((wash) => wash.bottle.name)).toEqual(['Brown', 'Neutral', 'Dust'])
  })
  it('a dilution that is chosen is kept; stronger reads stronger', () => {
    const at = (share: number) => pickLining([BROWN], question('#E9E9E6', { share })).washes[0]
    expect(at(0.05)?.share).toBe(0.05)
    expect(at(0.2)?.deltaE00).toBeGreaterThan(at(0.05)?.deltaE00 ?? 0)
  })
  it('a ready-made wash is taken as it comes, or thinner, never stronger', () => {
    const [own] = pickLining([BROWN], question('#8B8C8B', { look: 'graphic' })).washes
    expect(own).toMatchObject({ share: 0.1, asItComes: true })
    const [neat] = pickLining([{ ...BROWN, workingStrength: false }], question('#8B8C8B')).washes
    expect(neat?.asItComes).toBe(false)
  })
  it('on a very dark face nothing reads, and it says what does', () => {
    const { washes, instead } = pickLining(WASHES, question('#1C1C1D', { look: 'graphic' }))
    expect(washes.some((wash) => wash.reads)).toBe(false)
    expect(instead).toContain('lighter line')
    expect(pickLining(WASHES, question('#E9E9E6')).instead).toBeNull()
  })
  it('a graded set is neutral high, brown low, near black deep', () => {
    const set = gradedWashes(pickLining(WASHES, question('#DAD5C4')))
    expect([set?.high, set?.low, set?.deep].map((one) => one?.bottle.name)).toEqual([
      'Neutral',
      'Brown',
      'Black',
    ])
    expect(gradedWashes(pickLining([BROWN, BLACK], question('#DAD5C4')))).toBeNull()
  })
  it('a weak wash reads after some fills; one that reads at once needs no more', () => {
    const at = (share: number) => pickLining([BROWN], question('#E9E9E6', { share })).washes[0]
    const weak = at(0.002)
    expect(weak?.reads).toBe(false)
    expect(weak?.fills).toBeGreaterThan(1)
    expect(at((weak?.fills ?? 0) * 0.002)?.reads).toBe(true)
    expect(at(((weak?.fills ?? 0) - 1) * 0.002)?.reads).toBe(false)
    expect(pickLining([BROWN], question('#1C1C1D')).washes[0]?.fills).toBeNull()
  })
  it('a gradient runs from the one wash to the other', () => {
    const asked = question('#DAD5C4')
    const set = gradedWashes(pickLining(WASHES, asked))
    if (!set) throw new Error('no set')
    const bands = washGradient(set, asked, 5)
    expect(bands.map((band) => band.low)).toEqual([0, 0.25, 0.5, 0.75, 1])
    expect([bands[0]?.line, bands[4]?.line]).toEqual([set.high.line, set.low.line])
  })
  it('a dark warm grey lightens a dark blue: that is no line', () => {
    const [one] = pickLining([NEUTRAL], question('#10142E', { share: 0.3 })).washes
    expect(one).toMatchObject({ darker: false, reads: false })
  })
})

describe('paints of the shelf', () => {
  const shelf = [
    bottle({ family: 'lacquer', role: 'colour', colour: '#1F3B2C', strength: 2 }),
    bottle({ family: 'lacquer', role: 'primer', colour: '#8B8C8B', share: 0.8 }),
    bottle({ family: 'lacquer', role: 'thinner' }),
    bottle({ family: 'lacquer', role: 'metal', colour: '#B08D3F' }),
    bottle({ family: 'enamel', role: 'colour', colour: '#8A4B22' }),
    ...WASHES,
  ]
  it('are those of a family that a colour is mixed from', () => {
    expect(mixablePaints(shelf, 'lacquer').map((paint) => paint.share)).toEqual([undefined, 0.8])
    expect(mixableFamilies(shelf)).toEqual(['lacquer'])
  })
  it('say what their swatch says, else what is usual', () => {
    expect(bottlePaint(shelf[0] as Bottle)).toMatchObject({ masstone: '#1F3B2C', strength: 2 })
    expect(bottlePaint(bottle({ role: 'clear-colour', colour: '#A8231F' })).hiding).toBe(40)
  })
})
