import { applySequenceEdit } from '../stack/remedies/sequenceEdit'
import { diagnoseAnswer } from './diagnoseFile'
import { readDiagnose } from './diagnoseRequest'

const START = '2026-03-16T19:00:00Z'
const NOW = Date.parse('2026-03-17T20:00:00Z')

/** A hull that was primed and painted, and cleared matt on a damp evening. */
const project = {
  format: 'tectoria-project',
  version: 1,
  builds: [
    {
      id: 'gannet',
      name: 'Gannet’s Lament',
      scale: 144,
      parts: [
        { id: 'hull', name: 'Hull', substrate: 'polystyrene', areaCm2: 120 },
        { id: 'base', name: 'Base', substrate: 'wood-mdf', areaCm2: 60 },
      ],
      steps: [
        { id: 's1', parts: ['hull'], do: 'prime', family: 'lacquer', coats: ['light'] },
        {
          id: 's2',
          parts: ['hull'],
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#C9C4B4',
          coats: ['light'],
        },
        {
          id: 's3',
          parts: ['hull'],
          do: 'clear',
          family: 'lacquer',
          sheen: 'matt',
          coats: ['light'],
        },
        { id: 's4', parts: ['hull'], do: 'powder' },
      ],
    },
  ],
  acts: ['s1', 's2', 's3'].flatMap((step, i) => {
    const at = (minutes: number) =>
      new Date(Date.parse(START) + (i * 8 * 60 + minutes) * 60_000).toISOString()
    return [
      { id: `a${i}`, kind: 'started', at: at(0), build: 'gannet', part: 'hull', step },
      { id: `b${i}`, kind: 'coat-done', at: at(10), build: 'gannet', part: 'hull', step, coat: 1 },
    ]
  }),
  climate: [
    { id: 'r1', at: START, celsius: 20, humidity: 48 },
    { id: 'r2', at: '2026-03-17T11:10:00Z', celsius: 19, humidity: 83 },
  ],
}
const asked = { format: 'tectoria-diagnose', version: 1, symptom: 'white-frost' }
const ofHull = { ...asked, project, build: 'gannet', part: 'hull' }
const sequence = {
  format: 'tectoria-sequence',
  version: 1,
  substrate: 'polystyrene',
  steps: [{ do: 'clear', family: 'lacquer', sheen: 'matt' }],
}

function answerTo(value: unknown) {
  const read = readDiagnose(value)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return diagnoseAnswer(read.value, NOW)
}

describe('a part of a project', () => {
  const { causes, mend } = answerTo(ofHull)

  it('is explained by the reading of the hour in which the clear went on', () => {
    expect(causes[0]).toMatchObject({ id: 'damp-air' })
    expect(causes[0]?.evidence[0]).toMatchObject({ from: 'climate', ratio: 8 })
    expect(causes[0]?.evidence[0]?.say).toBe(
      '83 % humidity when the matt clear went on; its limit is 75 %',
    )
  })

  it('without a reading near it nobody knows the air', () => {
    const [early] = project.climate
    const found = answerTo({ ...ofHull, project: { ...project, climate: [early] } })
    expect(found.causes.flatMap(({ evidence }) => evidence.map(({ from }) => from))).not.toContain(
      'climate',
    )
  })

  it('is mended after what was done, before what is meant, on that part alone', () => {
    const edit = mend[0]?.edit
    if (!edit || !('insert' in edit) || !('steps' in edit.insert)) throw new Error('no steps')
    expect(edit.insert.before).toBe(3)
    expect(edit.insert.steps).toMatchObject([
      { do: 'clear', sheen: 'gloss', id: 'mend-1', parts: ['hull'] },
      { do: 'clear', sheen: 'matt', id: 'mend-2', parts: ['hull'] },
    ])
  })

  it('a part that nothing was done to has the usual shares', () => {
    expect(answerTo({ ...ofHull, part: 'base' })).toMatchObject({ usual: true })
  })
})

it('counts what this bench learnt, as the screen does', () => {
  const share = (acts: readonly object[]) =>
    answerTo({ ...ofHull, project: { ...project, acts: [...project.acts, ...acts] } }).causes.find(
      ({ id }) => id === 'not-stirred',
    )?.probability ?? 0
  const learnt = [1, 2, 3].map((k) => ({
    id: `l${k}`,
    kind: 'noted',
    at: '2026-03-17T19:00:00Z',
    text: 'White frost: not stirred',
    fault: 'white-frost',
    cause: 'not-stirred',
  }))
  expect(share(learnt)).toBeGreaterThan(share([]))
  expect(
    share([...learnt, { id: 'u', kind: 'undone', at: '2026-03-17T19:01:00Z', undoes: 'l1' }]),
  ).toBeLessThan(share(learnt))
})

it('the mix that it was painted from says how thin it was', () => {
  const mixes = [
    {
      id: 'thin',
      name: 'Bone, thin',
      at: START,
      volumeMl: 10,
      ingredients: [
        { name: 'Palewater bone', bottle: 'bone', parts: 2 },
        { name: 'Palewater thinner', bottle: 'water', parts: 8 },
      ],
    },
  ]
  const shelf = [
    {
      id: 'bone',
      name: 'Palewater bone',
      family: 'alcohol-acrylic',
      role: 'colour',
      sizeMl: 40,
      leftMl: 20,
    },
    {
      id: 'water',
      name: 'Palewater thinner',
      family: 'alcohol-acrylic',
      role: 'thinner',
      sizeMl: 100,
      leftMl: 50,
    },
  ]
  const [build] = project.builds
  const steps = build?.steps.map((step) => (step.id === 's2' ? { ...step, mix: 'thin' } : step))
  const acts = project.acts.filter(({ step }) => step !== 's3')
  const { causes } = answerTo({
    ...ofHull,
    symptom: 'runs',
    project: { ...project, builds: [{ ...build, steps }], mixes, shelf, acts },
  })
  expect(causes[0]).toMatchObject({ id: 'too-thin' })
  expect(causes[0]?.evidence[0]).toMatchObject({ from: 'shelf' })
  expect(causes[0]?.evidence[0]?.say).toContain('“Bone, thin” was 80 % thinner')
})

it('an answer to another symptom’s question is passed over', () => {
  const plain = answerTo({ ...asked, sequence })
  expect(answerTo({ ...asked, sequence, answers: { 'stood-tilted': true } })).toEqual(plain)
})

it('what is asked is answered: the question goes, and counts', () => {
  const { ask, causes } = answerTo({ ...asked, sequence })
  if (!ask) throw new Error('nothing is asked')
  const then = answerTo({ ...asked, sequence, answers: { [ask.id]: true } })
  expect(then.ask?.id).not.toBe(ask.id)
  expect(then.causes.flatMap(({ evidence }) => evidence)).toContainEqual(
    expect.objectContaining({ from: 'answer', say: `${ask.say} Yes` }),
  )
  expect(then.causes[0]?.probability).not.toBe(causes[0]?.probability)
})

it('waits are filled in where they are as written, and left out where they fill themselves', () => {
  const waits = (way: 'as-written' | 'auto') => {
    const [first] = answerTo({ ...asked, sequence: { ...sequence, waits: way } }).mend
    if (!first?.edit) throw new Error('no edit')
    return applySequenceEdit({ ...sequence, waits: way } as never, first.edit).steps.filter(
      (step) => 'wait' in step,
    ).length
  }
  expect(waits('as-written')).toBeGreaterThan(0)
  expect(waits('auto')).toBe(0)
})

test.each([
  [{ ...asked, symptom: 'green-frost', sequence }, 'symptom'],
  [asked, 'sequence'],
  [{ ...ofHull, sequence }, 'sequence'],
  [{ ...asked, sequence: { ...sequence, steps: [{ do: 'base' }] } }, 'sequence.steps[0].family'],
  [{ ...asked, sequence, facts: [{ step: 7, celsius: 19 }] }, 'facts[0].step'],
  [{ ...asked, sequence, facts: [{ step: 0, humidity: 180 }] }, 'facts[0].humidity'],
  [{ ...asked, sequence, answers: { 'not-stirred': 'yes' } }, 'answers.not-stirred'],
  [{ ...ofHull, build: 'other' }, 'build'],
  [{ ...ofHull, part: 'wing' }, 'part'],
  [{ ...ofHull, project: { ...project, version: 9 } }, 'project.version'],
  [{ ...asked, format: 'tectoria-dry' }, 'format'],
])('is refused with a path: %#', (value, path) => {
  const read = readDiagnose(value)
  if (read.ok) throw new Error('it was taken')
  expect(read.problems[0]).toMatchObject({ path })
  expect(read.problems[0]?.expected).not.toBe('')
})
