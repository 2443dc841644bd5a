/** Meshes to measure: corners and triangles by their corners. */
export type Solid = { points: [number, number, number][]; faces: [number, number, number][] }

/** A surface over two running angles; `around` joins its ends. */
function surface(
  columns: number,
  rows: number,
  at: (u: number, v: number) => [number, number, number],
  closed: { columns: boolean; rows: boolean },
): Solid {
  const wide = columns + (closed.columns ? 0 : 1)
  const high = rows + (closed.rows ? 0 : 1)
  const points = Array.from({ length: wide * high }, (_, i) =>
    at((i % wide) / columns, Math.floor(i / wide) / rows),
  )
  const faces: Solid['faces'] = []
  const id = (c: number, r: number) => (r % high) * wide + (c % wide)
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      faces.push([id(c, r), id(c + 1, r), id(c + 1, r + 1)])
      faces.push([id(c, r), id(c + 1, r + 1), id(c, r + 1)])
    }
  return { points, faces }
}

const TURN = 2 * Math.PI

export function sphere(radius: number, fine: number): Solid {
  const at = (u: number, v: number): [number, number, number] => {
    const [round, height] = [Math.sin(Math.PI * v), Math.cos(Math.PI * v)]
    // Both ends are one point each, to the bit.
    if (v === 0 || v === 1) return [0, 0, radius * Math.round(height)]
    return [
      radius * round * Math.cos(TURN * u),
      radius * round * Math.sin(TURN * u),
      radius * height,
    ]
  }
  return surface(2 * fine, fine, at, { columns: true, rows: false })
}

export function torus(large: number, small: number, fine: number): Solid {
  const at = (u: number, v: number): [number, number, number] => {
    const out = large + small * Math.cos(TURN * v)
    return [out * Math.cos(TURN * u), out * Math.sin(TURN * u), small * Math.sin(TURN * v)]
  }
  return surface(2 * fine, fine, at, { columns: true, rows: true })
}

export function sheet(length: number, width: number, fine: number): Solid {
  return surface(fine, fine, (u, v) => [u * length, v * width, 0], { columns: false, rows: false })
}

export function cube(edge: number): Solid {
  const points = Array.from({ length: 8 }, (_, i): [number, number, number] => [
    (i & 1) * edge,
    ((i >> 1) & 1) * edge,
    (i >> 2) * edge,
  ])
  const quads = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ] as const
  return {
    points,
    faces: quads.flatMap(([a, b, c, d]): Solid['faces'] => [
      [a, b, c],
      [a, c, d],
    ]),
  }
}

export function binaryStl({ points, faces }: Solid): Uint8Array {
  const bytes = new Uint8Array(84 + 50 * faces.length)
  const view = new DataView(bytes.buffer)
  view.setUint32(80, faces.length, true)
  faces.forEach((face, i) => {
    face.forEach((point, c) => {
      points[point]?.forEach((value, axis) => {
        view.setFloat32(84 + 50 * i + 12 + (c * 3 + axis) * 4, value, true)
      })
    })
  })
  return bytes
}

export function textStl({ points, faces }: Solid): Uint8Array {
  const facets = faces.map((face) => {
    const corners = face.map(
      (point) => `vertex ${points[point]?.map((one) => one.toExponential()).join(' ')}`,
    )
    return `facet normal 0 0 0\n outer loop\n  ${corners.join('\n  ')}\n endloop\nendfacet`
  })
  return new TextEncoder().encode(`solid made\r\n${facets.join('\n')}\nendsolid made\n`)
}

export function obj({ points, faces }: Solid): Uint8Array {
  const lines = [
    '# made',
    ...points.map((point) => `v ${point.join(' ')}`),
    ...faces.map((face) => `f ${face.map((value) => `${value + 1}/1/1`).join(' ')}`),
  ]
  return new TextEncoder().encode(lines.join('\n'))
}
