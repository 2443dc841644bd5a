// What can be changed in a source, and which piece of it has to be run for that to be noticed.
import { parse } from '@babel/parser'

const OTHER = {
  ...{ '<': '<=', '<=': '<', '>': '>=', '>=': '>', '===': '!==', '!==': '===' },
  ...{ '+': '-', '-': '+', '*': '/', '/': '*', '&&': '||', '||': '&&' },
}

/** What can be made of a node: where, and what stands there instead. */
function changesOfNode(node, text) {
  const of = ({ start, end }, instead) => ({ from: start, to: end, text: instead })
  switch (node.type) {
    case 'BinaryExpression':
    case 'LogicalExpression': {
      if (!(node.operator in OTHER)) return []
      const at = text.indexOf(node.operator, node.left.end)
      return [of({ start: at, end: at + node.operator.length }, OTHER[node.operator])]
    }
    case 'NumericLiteral':
      return [of(node, String(node.value + 1))]
    case 'BooleanLiteral':
      return [of(node, String(!node.value))]
    case 'UnaryExpression':
      return node.operator === '!'
        ? [of(node, text.slice(node.argument.start, node.argument.end))]
        : []
    case 'IfStatement':
      return [of(node.test, 'false')]
    default:
      return []
  }
}

/** The statements of a node that come one after the other. */
function listOf(node) {
  if (node.type === 'BlockStatement') return node.body
  return node.type === 'SwitchCase' ? node.consequent : []
}

/** Every change that can be made of a text, each with the piece it stands in; and the pieces, the whole module as the first. */
export function changesOf(text) {
  const changes = []
  const pieces = [{ start: 0, end: 0, isExpression: false }]
  const begin = (node, isExpression) =>
    pieces.push({ start: node.start, end: node.end, isExpression }) - 1
  const visit = (node, piece) => {
    if (Array.isArray(node)) for (const inner of node) visit(inner, piece)
    if (!node?.type || /^TS(?!As|NonNull|Satisfies)|^Import/.test(node.type)) return
    changes.push(...changesOfNode(node, text).map((change) => ({ ...change, piece })))
    const list = listOf(node)
    const isShort = node.type === 'ArrowFunctionExpression' && node.body.type !== 'BlockStatement'
    for (const inner of Object.values(node)) {
      if (typeof inner !== 'object') continue
      if (inner === list) for (const each of inner) visit(each, begin(each, false))
      else visit(inner, isShort && inner === node.body ? begin(inner, true) : piece)
    }
  }
  visit(parse(text, { sourceType: 'module', plugins: ['typescript'] }).program, 0)
  return { changes, pieces }
}

/** The text, telling in `globalThis.seen[name]` which of its pieces were run. */
export function telling(text, pieces, name) {
  const put = pieces.slice(1).flatMap(({ start, end, isExpression }, i) =>
    isExpression
      ? [
          { at: start, rank: i, text: `(seen_[${i + 1}]=1,` },
          { at: end, rank: -i, text: ')' },
        ]
      : [{ at: start, rank: i, text: `seen_[${i + 1}]=1;` }],
  )
  // From the end on. At one place what belongs to the outer piece stands outside.
  put.sort((a, b) => b.at - a.at || b.rank - a.rank)
  let told = text
  for (const { at, text: piece } of put) told = told.slice(0, at) + piece + told.slice(at)
  return `const seen_ = ((globalThis.seen ??= {})[${JSON.stringify(name)}] ??= []); seen_[0]=1;\n${told}`
}
