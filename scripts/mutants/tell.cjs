// Put into each test file's run: which pieces of the sources it ran, and for how long.
const { writeFileSync } = require('node:fs')
const { basename, join } = require('node:path')

const began = Date.now()
afterAll(() => {
  const { testPath } = expect.getState()
  const pieces = Object.fromEntries(
    Object.entries(globalThis.seen ?? {}).map(([file, of]) => [file, Object.keys(of).map(Number)]),
  )
  const told = { testPath, ms: Date.now() - began, pieces }
  const name = `${basename(testPath)}-${process.pid}-${began}.json`
  writeFileSync(join(process.env.SEEN, name), JSON.stringify(told))
})
