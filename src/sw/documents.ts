/** A build's page is the same for every build: it reads which one it is from its address. */
export const ANY_BUILD = '/builds/-'

/** Pages of which one stands for all below an address. */
const ONE_FOR_ALL: readonly { below: string; is: string }[] = [{ below: '/builds/', is: ANY_BUILD }]

/** The stored page that an address is opened with. @param path of the address, without what is asked */
export function documentOf(path: string): string {
  const plain = path.length > 1 ? path.replace(/\/+$/, '') : path
  return ONE_FOR_ALL.find(({ below }) => plain.startsWith(below))?.is ?? plain
}
