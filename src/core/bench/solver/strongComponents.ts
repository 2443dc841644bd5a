/**
 * Groups of nodes that lead to one another, by Tarjan's algorithm, without recursion.
 *
 * @param next the nodes that each leads to
 * @returns number of the group of each node; a group comes after those that it leads to
 */
export function strongComponents(next: readonly (readonly number[])[]): Int32Array {
  const count = next.length
  const group = new Int32Array(count).fill(-1)
  const index = new Int32Array(count).fill(-1)
  const low = new Int32Array(count)
  const open: number[] = []
  const path: { node: number; edge: number }[] = []
  let time = 0
  let groups = 0
  const enter = (node: number) => {
    index[node] = time
    low[node] = time++
    open.push(node)
    path.push({ node, edge: 0 })
  }
  for (let root = 0; root < count; root++) {
    if (index[root] !== -1) continue
    enter(root)
    for (let here = path.at(-1); here; here = path.at(-1)) {
      const { node } = here
      const to = next[node]?.[here.edge++]
      if (to !== undefined) {
        if (index[to] === -1) enter(to)
        else if (group[to] === -1) low[node] = Math.min(low[node] as number, index[to] as number)
        continue
      }
      path.pop()
      const above = path.at(-1)?.node
      if (above !== undefined) low[above] = Math.min(low[above] as number, low[node] as number)
      if (low[node] !== index[node]) continue
      for (let member = open.pop(); member !== undefined; member = open.pop()) {
        group[member] = groups
        if (member === node) break
      }
      groups += 1
    }
  }
  return group
}
