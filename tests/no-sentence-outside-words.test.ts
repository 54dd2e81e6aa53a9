import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { parse } from 'vue/compiler-sfc'

/** Two words beside each other, or one that begins like a sentence. */
const IS_SAID = /[a-z’]{2,},? [a-z’]{2,}|^[A-Z][a-z’]+[.:?]?$/i
/** Attributes that a person reads or hears. */
const READ_ATTRIBUTES = new Set(['label', 'aria-label', 'title', 'alt', 'placeholder', 'hint'])

/** What looks like words and is none: names of keys, fonts, headers, the product itself. */
const NOT_SAID = new Set([
  'Thermognosis',
  'Barlow Semi Condensed',
  'Escape',
  'Enter',
  'no colour',
  'nobody has this password',
  'private, max-age=31536000, immutable',
])
/** Patterns of dates, queries that a driver takes as text, keys of the browser's database. */
const NOT_WORDS = /^[dLyHms ,:]+$|^(?:select|create) |^(?:\+\+)?(?:id|order)(?:, \w+)+$/

/** A literal that nobody reads: of an import, a type, a programming error, a query, an element's name. */
function isSilent(node: ts.Node): boolean {
  const { parent } = node
  if (ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent)) return true
  if (ts.isLiteralTypeNode(parent)) return true
  if (ts.isTaggedTemplateExpression(parent)) return true
  if (ts.isNewExpression(parent)) return parent.expression.getText() === 'Error'
  if (ts.isCallExpression(parent)) return parent.expression.getText() === 'Symbol'
  return ts.isTemplateSpan(parent) || ts.isTemplateExpression(parent) ? isSilent(parent) : false
}

/** Words said by literals in a piece of TypeScript, each beginning at a capital or holding two words. */
function saidIn(source: string, isScreen: boolean): string[] {
  const file = ts.createSourceFile('x.ts', source, ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node) => {
    const isText =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node)
    if (isText && !isSilent(node)) {
      const text = node.text.trim()
      const isWord = /^[A-Z][a-z’]+[.:?]?$/.test(text)
      const isPhrase = /[A-Za-z’]{2,},? [a-z’]{2,}/.test(text)
      if (
        IS_SAID.test(text) &&
        (isPhrase || (isScreen && isWord)) &&
        !NOT_SAID.has(text) &&
        !NOT_WORDS.test(text)
      )
        found.push(text)
    }
    ts.forEachChild(node, visit)
  }
  visit(file)
  return found
}

interface TemplateNode {
  type: number
  content?: string | { content: string; loc?: unknown }
  children?: TemplateNode[]
  branches?: TemplateNode[]
  props?: {
    type: number
    name: string
    value?: { content: string }
    exp?: { content: string }
  }[]
}
const [TEXT, INTERPOLATION, ATTRIBUTE, DIRECTIVE] = [2, 5, 6, 7]

/** Words that a template says itself: plain text, attributes that are read, literals in its expressions. */
function saidByTemplate(node: TemplateNode): string[] {
  const own: string[] = []
  if (node.type === TEXT && typeof node.content === 'string' && /[a-z]{2,}/i.test(node.content))
    own.push(node.content.trim())
  if (node.type === INTERPOLATION && typeof node.content === 'object')
    own.push(...saidIn(`(${node.content.content})`, true))
  for (const prop of node.props ?? []) {
    if (prop.type === ATTRIBUTE && READ_ATTRIBUTES.has(prop.name)) {
      const text = prop.value?.content ?? ''
      if (/[a-z]{2,}/i.test(text)) own.push(text)
    }
    if (prop.type === DIRECTIVE && prop.exp && prop.name !== 'for' && prop.name !== 'slot')
      own.push(...saidIn(`(${prop.exp.content})`, true))
  }
  return [...own, ...(node.children ?? []).flatMap(saidByTemplate)]
}

function saidByFile(path: string): string[] {
  const source = readFileSync(path, 'utf8')
  if (!path.endsWith('.vue')) return saidIn(source, path.startsWith('app/'))
  const { descriptor } = parse(source)
  const script = `${descriptor.script?.content ?? ''}\n${descriptor.scriptSetup?.content ?? ''}`
  const template = descriptor.template?.ast as unknown as TemplateNode | undefined
  return [...saidIn(script, true), ...(template ? saidByTemplate(template) : [])]
}

const FILES = ['app', 'server', 'cli'].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.(ts|vue)$/.test(path) && !/\.(test|fixture)\./.test(path))
    .map((path) => `${folder}/${path}`),
)

describe('what a person reads', () => {
  it.each(FILES)('%s says nothing of its own', (path) => {
    expect(saidByFile(path)).toEqual([])
  })

  it('is found in a script, a template, an attribute and an expression', () => {
    expect(saidIn("const a = 'Type a number, like 12.4.'", true)).toHaveLength(1)
    expect(saidIn('const a = `Falls ${x} a minute`', true)).toHaveLength(1)
    expect(saidIn("const a = { soft: 'Soft' }", true)).toEqual(['Soft'])
    const { descriptor } = parse(
      `<template><p title="Go on">Kept <b>{{ x ? 'taken back' : '' }}</b></p></template>`,
    )
    expect(saidByTemplate(descriptor.template!.ast as unknown as TemplateNode)).toEqual([
      'Go on',
      'Kept',
      'taken back',
    ])
  })

  it('is not found in imports, types, errors of programming and queries', () => {
    expect(
      saidIn("import 'xx yy zz'; type A = 'one two'; throw new Error('no such thing')", true),
    ).toEqual([])
    expect(saidIn('sql`select count from shops`', true)).toEqual([])
  })
})
