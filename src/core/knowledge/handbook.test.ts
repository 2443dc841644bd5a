import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseDuration } from '../model/duration'
import {
  FAMILIES,
  type Family,
  MILESTONES,
  ROLES,
  SUBSTRATES,
  WEAR_EVENTS,
} from '../model/vocabulary'
import { type ClockKey, DRYING } from './drying'
import { FILM_STATES, reaction } from './reactions'
import { SUBSTRATE_TABLE } from './substrates'
import { THINNING } from './thinning'
import { WEAR_EVENT_TABLE } from './wearMap'

/** The project's own copy of the knowledge: these tests keep it and the tables true to one another. */
const chapter = (name: string) =>
  readFileSync(join(__dirname, '../../../docs/handbook', `${name}.md`), 'utf8')

/** Rows of the table whose header begins with some words, cells trimmed, without header and rule. */
function tableAfter(text: string, header: string): string[][] {
  const lines = text.split('\n')
  const at = lines.findIndex((line) => line.startsWith(header))
  if (at < 0) throw new Error(`no table "${header}"`)
  const rows: string[][] = []
  for (const line of lines.slice(at + 2)) {
    if (!line.startsWith('|')) break
    rows.push(
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    )
  }
  return rows
}

const named = (cell: string) => cell.replaceAll('`', '')

describe('chapter 2', () => {
  const text = chapter('2-materials')

  it('names every family', () => {
    const rows = tableAfter(text, '| id | what it is')
    const ids = rows.flatMap((row) => [...(row[0] ?? '').matchAll(/`([^`]+)`/g)].map((m) => m[1]))
    expect([...ids].sort()).toEqual([...FAMILIES].sort())
  })

  it('names every role', () => {
    const line = text.slice(text.indexOf('Roles:'), text.indexOf('Sheen:'))
    const roles = [...line.matchAll(/`([^`]+)`/g)].map((m) => m[1])
    expect(roles).toEqual([...ROLES])
  })

  const SOLVENT_COLUMNS = [
    'water',
    'alcohol',
    'spirit-mild',
    'spirit-hot',
    'lacquer-mild',
    'lacquer-hot',
    'reducer-2k',
  ] as const
  test.each(
    tableAfter(text, '| film | water').map((row) => ({
      film: named(row[0] ?? ''),
      cells: row.slice(1),
    })),
  )('the matrix row of $film', ({ film, cells }) => {
    const read = SOLVENT_COLUMNS.map((solvent) =>
      FILM_STATES.map((state) => reaction(film as Family, state, solvent)).join(' '),
    )
    expect(read).toEqual(cells)
  })

  it('names every substrate', () => {
    const rows = tableAfter(text, '| id | bare surface meets')
    expect(rows.map((row) => named(row[0] ?? '').replace(/ \(.*/, ''))).toEqual([...SUBSTRATES])
    for (const row of rows) {
      const id = named(row[0] ?? '').replace(/ \(.*/, '') as keyof typeof SUBSTRATE_TABLE
      const wantsDegrease = /degrease/.test(row[2] ?? '')
      expect([id, SUBSTRATE_TABLE[id].degrease !== null]).toEqual([id, wantsDegrease])
    }
  })
})

/** Which clock each row of the handbook's table stands for. */
const CLOCK_ROWS: Record<string, readonly ClockKey[]> = {
  'lacquer primer': ['lacquer-primer'],
  'lacquer colour, metal': ['lacquer-colour'],
  'lacquer clear': ['lacquer-clear'],
  'alcohol-acrylic': ['alcohol-acrylic'],
  'water-acrylic airbrushed': ['water-acrylic-airbrushed'],
  'water-acrylic brushed': ['water-acrylic-brushed'],
  'acrylic-pu primer, clear': ['acrylic-pu'],
  enamel: ['enamel'],
  'metal-enamel': ['metal-enamel'],
  'enamel-wash': ['enamel-wash'],
  'oil thin': ['oil-thin'],
  'oil thinned to a wash': ['oil-wash'],
  'oil fast (alkyd, drier)': ['oil-fast'],
  'urethane-2k': ['urethane-2k'],
  'water-wash': ['water-wash'],
  watercolour: ['watercolour'],
  release: ['release'],
  'mirror-metal': ['mirror-metal'],
  'chrome-ink': ['chrome-ink'],
  'reactive-iron base': ['reactive-iron'],
  decal: ['decal'],
  'pigment fixer': ['pigment-fixed'],
  'texture thin / thick': ['texture-thin', 'texture-thick'],
  'latex, putty-mask': ['latex'],
  'salt (with water)': ['salt'],
}

describe('chapter 3', () => {
  const rows = tableAfter(chapter('3-drying'), '| family (role)').map((row) => ({
    name: named(row[0] ?? ''),
    cells: row.slice(1),
  }))

  it('has a clock for every row', () => {
    expect(rows.map((row) => row.name).filter((name) => !(name in CLOCK_ROWS))).toEqual([])
  })

  test.each(rows)('the clock of $name', ({ name, cells }) => {
    const keys = CLOCK_ROWS[name] ?? []
    keys.forEach((key, i) => {
      const written = MILESTONES.map((_, column) => {
        const parts = (cells[column] ?? '').split(' / ')
        const cell = parts[Math.min(i, parts.length - 1)] ?? ''
        if (cell === '—' || cell.startsWith('never')) return null
        return parseDuration(/\d+ h \d+$/.test(cell) ? `${cell} min` : cell)
      })
      expect(MILESTONES.map((milestone) => DRYING[key][milestone])).toEqual(written)
    })
  })
})

describe('chapter 4', () => {
  const rows = tableAfter(chapter('4-mixing'), '| family | brush')
    .map((row) => ({ family: named(row[0] ?? ''), cells: row.slice(1) }))
    .filter(({ family }) => (FAMILIES as readonly string[]).includes(family))

  test.each(rows)('thinning of $family', ({ family, cells }) => {
    const row = THINNING[family as Family]
    const range = (cell: string | undefined) => {
      const found = /(\d+)–(\d+) %/.exec(cell ?? '')
      return found ? [Number(found[1]) / 100, Number(found[2]) / 100] : null
    }
    const [brush, airbrush, detail, clear] = cells
    expect([row.brush, row.airbrush, row.detail]).toEqual([
      range(brush),
      range(airbrush),
      range(detail),
    ])
    if (clear !== 'same') expect(row.clear).toEqual(range(clear))
  })
})

describe('chapter 12', () => {
  const text = chapter('12-parts-and-zones')

  it('adds the weights of the story', () => {
    const rows = tableAfter(text, '| event | adds').map(([event = '', adds = '']) => [
      event.replace(' (damp)', ''),
      {
        adds: Object.fromEntries(
          adds.split(', ').map((one) => {
            const [effect, weight] = one.split(' ')
            return [effect, Number(weight)]
          }),
        ),
        damp: event.includes('(damp)'),
      },
    ])
    expect(Object.fromEntries(rows)).toEqual(
      Object.fromEntries(
        WEAR_EVENTS.map((event) => {
          const { adds, damp = false } = WEAR_EVENT_TABLE[event]
          return [event, { adds, damp }]
        }),
      ),
    )
  })
})
