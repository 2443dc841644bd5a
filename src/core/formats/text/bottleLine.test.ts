import { readBottleLine } from './bottleLine'

const short = (line: string, before?: Parameters<typeof readBottleLine>[1]) => {
  const read = readBottleLine(line, before)
  if (!read) return null
  const { name, maker, family, role, sheen, colour, sizeMl } = read.bottle
  return [name, maker, family, role, sheen, colour, sizeMl].map((said) => said ?? '-').join(' | ')
}

test.each([
  [
    'Bone White, Ferrowick, alcohol acrylic, 17 ml, #DAD5C4',
    'Bone White | Ferrowick | alcohol-acrylic | colour | - | #DAD5C4 | 17',
  ],
  ['Grey Primer', 'Grey Primer | - | lacquer | primer | - | #8B8C8B | 17'],
  ['Deep Brown Wash', 'Deep Brown Wash | - | enamel-wash | wash | - | #3E2717 | 17'],
  ['Dead Flat Clear, Osmund, 60 ml', 'Dead Flat Clear | Osmund | lacquer | clear | matt | - | 60'],
  ['Gloss 30 ml', 'Gloss | - | water-acrylic | colour | gloss | - | 30'],
  ['Slow Thinner, 250 ml', 'Slow Thinner | - | lacquer | thinner | - | - | 250'],
  ['Tracks rust, pigment', 'Tracks rust | - | pigment | pigment | - | #7A4527 | 17'],
  ['Sienna, oil, 20 ml', 'Sienna | - | oil | oil | - | #A0522D | 20'],
  ['Chipping fluid', 'Chipping fluid | - | release | release | - | - | 17'],
  ['Brass metallic', 'Brass metallic | - | water-acrylic | metal | - | #A98B4B | 17'],
  ['Soot Powder, Argentry', 'Soot Powder | Argentry | pigment | pigment | - | #1F1C1A | 17'],
  ['Fixer', 'Fixer | - | water-acrylic | fixer | - | - | 17'],
  ['Levelling Thinner, lacquer', 'Levelling Thinner | - | lacquer | thinner | - | - | 17'],
  ['', null],
])('%s', (line, means) => {
  expect(short(line)).toBe(means)
})

it('what isn’t said is as it was of the bottle before', () => {
  const before = readBottleLine('Teal, Palewater, lacquer, 10 ml')?.bottle
  expect(short('Ochre', before)).toBe('Ochre | Palewater | lacquer | colour | - | #B5853A | 10')
  expect(readBottleLine('Ochre', before)?.guessed).toEqual(['family', 'role', 'colour', 'sizeMl'])
})

test.each([
  ['Grey Primer, lacquer', 'Teal', 'lacquer colour'],
  ['Deep Wash, enamel wash', 'Rust Streak', 'enamel-wash wash'],
  ['Deep Wash, enamel wash', 'Teal, lacquer', 'lacquer colour'],
  ['Gloss Clear, lacquer', 'Teal', 'lacquer colour'],
])('after %s, %s is taken for %s', (first, second, means) => {
  const { family, role } = readBottleLine(second, readBottleLine(first)?.bottle)?.bottle ?? {}
  expect(`${family} ${role}`).toBe(means)
})
