/** Plain shapes that a part is taken for, with their dimensions in mm. Source: handbook 4.4. */
export type Shape =
  | { kind: 'box'; length: number; width: number; height: number }
  | { kind: 'cylinder'; diameter: number; length: number }
  | { kind: 'cone'; diameter: number; height: number }
  | { kind: 'sphere'; diameter: number }

/** Area of a closed shape, cm². Source: handbook 4.4. */
export function shapeArea(shape: Shape): number {
  switch (shape.kind) {
    case 'box': {
      const { length, width, height } = shape
      return (2 * (length * width + length * height + width * height)) / 100
    }
    case 'cylinder': {
      const r = shape.diameter / 2
      return (2 * Math.PI * r * (r + shape.length)) / 100
    }
    case 'cone': {
      const r = shape.diameter / 2
      return (Math.PI * r * (r + Math.hypot(r, shape.height))) / 100
    }
    case 'sphere':
      return (Math.PI * shape.diameter ** 2) / 100
  }
}
