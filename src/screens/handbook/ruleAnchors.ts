import type { Element, ElementContent, Root } from 'hast'
import { visit } from 'unist-util-visit'
import { ruleAnchor } from '../shared/RuleLink'

/** Gives each rule in the first column of a table of rules an id, so that a finding can lead there. */
export function ruleAnchors() {
  return (tree: Root): void =>
    visit(tree, 'element', (table) => {
      if (table.tagName !== 'table') return
      const [head, ...rows] = all(table, 'tr')
      if (!head || textOf(cellsOf(head)[0]) !== 'rule') return
      for (const row of rows)
        for (const code of cellsOf(row)
          .slice(0, 1)
          .flatMap((cell) => all(cell, 'code')))
          code.properties = { ...code.properties, id: ruleAnchor(textOf(code)) }
    })
}

function all(within: Element, tag: string): Element[] {
  const found: Element[] = []
  visit(within, 'element', (element) => {
    if (element.tagName === tag) found.push(element)
  })
  return found
}

function cellsOf(row: Element): Element[] {
  return row.children.filter(
    (child): child is Element => child.type === 'element' && /^t[hd]$/.test(child.tagName),
  )
}

function textOf(node: ElementContent | undefined): string {
  if (node?.type === 'text') return node.value
  return node?.type === 'element' ? node.children.map(textOf).join('').trim() : ''
}
