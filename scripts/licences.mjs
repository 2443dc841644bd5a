// Every package that ships with the application is under a permissive licence, or named here with the reason.
import { init } from 'license-checker-rseidelsohn'

const PERMISSIVE = new Set([
  'MIT',
  'ISC',
  'Apache-2.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'CC0-1.0',
  'CC-BY-4.0',
  'BlueOak-1.0.0',
  'Unlicense',
  // Fonts: free to ship with an application.
  'OFL-1.1',
])

/** Reached only by image resizing on a server, which this application does not use and never loads. */
const ALLOWED = [/^@img\/sharp/]

const packages = await new Promise((resolve, reject) =>
  init({ start: process.cwd(), production: true, excludePrivatePackages: true }, (error, found) =>
    error ? reject(error) : resolve(found),
  ),
)
const refused = Object.entries(packages).filter(([name, { licenses }]) => {
  const given = [licenses]
    .flat()
    .flatMap((one) => String(one).replaceAll(/[()*]/g, '').split(/ OR /))
  return (
    !given.some((one) => PERMISSIVE.has(one.trim())) &&
    !ALLOWED.some((otherName) => otherName.test(name))
  )
})
for (const [name, { licenses }] of refused) console.error(`${name}: ${licenses}`)
console.log(`${Object.keys(packages).length} production packages, ${refused.length} not permissive`)
process.exitCode = refused.length > 0 ? 1 : 0
