import * as v from 'valibot'
import { nameField, ranged } from '@/core/model/fields'
import { errorsByField, readForm } from './forms'
import { sayProblem } from './problemWords'

const schema = v.object({ name: nameField, size: ranged(1, 9, 'ml'), tags: v.array(v.string()) })

describe('a form', () => {
  it('that reads gives its value', () => {
    const value = { name: 'Gull Grey', size: 5, tags: [] }
    expect(readForm(schema, value)).toEqual({ ok: true, value })
  })

  it('that doesn’t says what is wrong beside each field', () => {
    const read = readForm(schema, { name: ' ', size: 12, tags: [7] })
    expect(read).toEqual({
      ok: false,
      errors: {
        name: 'Enter a name of 1 to 120 characters',
        size: 'Enter a number from 1 to 9 ml, not 12',
        tags: 'Enter string, not 7',
      },
    })
  })

  it('says the first problem of a field alone', () => {
    const problems = [
      { path: 'coats[0]', found: '"thick"', expected: 'mist' },
      { path: 'coats[1]', found: '"thin"', expected: 'light' },
    ]
    expect(errorsByField(problems)).toEqual({ coats: 'Enter mist, not “thick”' })
  })

  it('says nothing was found in plain words', () => {
    expect(sayProblem({ path: 'x', found: 'nothing', expected: 'a name' })).toBe('Enter a name')
  })
})
