import { ANY_BUILD, documentOf } from './documents'

test.each([
  ['/', '/'],
  ['/plan', '/plan'],
  ['/plan/', '/plan'],
  ['/builds', '/builds'],
  ['/builds/', '/builds'],
  ['/builds/gannets-lament', ANY_BUILD],
  ['/handbook/4-mixing', '/handbook/4-mixing'],
])('%s is opened with the page stored as %s', (path, stored) => {
  expect(documentOf(path)).toBe(stored)
})
