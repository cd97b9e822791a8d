import type { MarkedItem } from './markup'
import { wordsOfMarkup } from './markup'

/** A recipe as a page or a file states it, before its words are read. */
export interface StatedRecipe {
  readonly title: string
  readonly facts: readonly string[]
  readonly ingredients: readonly string[]
  readonly sections: readonly { readonly name: string; readonly steps: readonly string[] }[]
  /** Ours alone: the part of each ingredient and the region, where Ingwer wrote the file. */
  readonly parts: readonly { readonly name: string; readonly count: number }[]
  readonly region: string | null
  readonly keywords: readonly string[]
}

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json }
type Thing = { readonly [key: string]: Json }

const mostNodes = 200_000
const isThing = (value: Json | undefined): value is Thing =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const list = (value: Json | undefined): readonly Json[] => {
  if (value === undefined || value === null) return []
  if (Array.isArray(value)) return value as readonly Json[]
  return isThing(value) && Array.isArray(value['@list'] ?? value['@set'])
    ? ((value['@list'] ?? value['@set']) as readonly Json[])
    : [value as Json]
}

/**
 * Reads JSON as pages write it: comments around it, line breaks inside strings, commas too many.
 * Undefined when it is none.
 */
export function parseLoosely(source: string): Json | undefined {
  const text = source
    .replace(/^\ufeff/u, '')
    .replace(/^\s*(?:<!--|\/\/\s*<!\[CDATA\[|<!\[CDATA\[|\/\*.{0,40}?\*\/)+/u, '')
    .replace(/(?:-->|\/\/\s*\]\]>|\]\]>)\s*;?\s*$/u, '')
    .trim()
    .replace(/;$/u, '')
  for (const attempt of [text, mended(text)]) {
    try {
      return JSON.parse(attempt) as Json
    } catch {
      /* the next attempt, or none */
    }
  }
  return undefined
}

const escapes: Readonly<Record<string, string>> = { '\n': '\\n', '\t': '\\t' }

/** Escapes raw control characters inside strings, and takes out commas before a closing bracket. One pass. */
function mended(text: string): string {
  const out: string[] = []
  let inString = false
  for (let i = 0; i < text.length; i++) {
    const c = text[i]!
    if (inString) {
      if (c === '\\') {
        out.push(c, text[++i] ?? '')
        continue
      }
      if (c === '"') inString = false
      out.push(c < ' ' ? (escapes[c] ?? ' ') : c)
      continue
    }
    if (c === '"') inString = true
    if (c === ',') {
      let next = i + 1
      while (next < text.length && text[next]! <= ' ') next++
      if (text[next] === '}' || text[next] === ']') {
        i = next - 1
        continue
      }
    }
    out.push(c)
  }
  return out.join('')
}

const plainKey = (key: string) => key.replace(/^(?:schema:|https?:\/\/schema\.org\/)/u, '')
const typesOf = (thing: Thing) =>
  list(thing['@type'] ?? thing.type).flatMap(t => (typeof t === 'string' ? [plainKey(t)] : []))

/**
 * Every thing of a type in some data, however deep, in the order in which it stands, and all things
 * by their @id.
 */
function thingsIn(data: Json): { recipes: Thing[]; byId: Map<string, Thing> } {
  const recipes: Thing[] = []
  const byId = new Map<string, Thing>()
  const stack: Json[] = [data]
  for (let n = 0; stack.length && n < mostNodes; n++) {
    const value = stack.pop()!
    if (Array.isArray(value)) {
      for (let i = value.length - 1; i >= 0; i--) stack.push(value[i] as Json)
      continue
    }
    if (!isThing(value)) continue
    const id = value['@id']
    if (typeof id === 'string' && Object.keys(value).length > 1 && !byId.has(id))
      byId.set(id, value)
    if (typesOf(value).includes('Recipe')) {
      recipes.push(value)
      continue
    }
    const inner = Object.values(value)
    for (let i = inner.length - 1; i >= 0; i--)
      if (typeof inner[i] === 'object') stack.push(inner[i]!)
  }
  return { recipes, byId }
}

function propertyOf(thing: Thing, ...names: readonly string[]): Json | undefined {
  for (const name of names)
    for (const key of [
      name,
      `schema:${name}`,
      `https://schema.org/${name}`,
      `http://schema.org/${name}`,
    ])
      if (Object.hasOwn(thing, key)) return thing[key]
  return undefined
}

const lines = (text: string) =>
  wordsOfMarkup(text)
    .split('\n')
    .map(l => l.trim())
    .filter(Boolean)

function textOf(value: Json | undefined, byId: ReadonlyMap<string, Thing>, depth = 0): string {
  if (typeof value === 'string') return value
  if (typeof value === 'number') return String(value)
  if (Array.isArray(value))
    return value.map(v => textOf(v as Json, byId, depth + 1)).find(Boolean) ?? ''
  if (!isThing(value) || depth > 8) return ''
  const known =
    Object.keys(value).length === 1 && typeof value['@id'] === 'string'
      ? (byId.get(value['@id']) ?? value)
      : value
  return textOf(
    propertyOf(known, 'text', 'name', '@value', 'description', 'value'),
    byId,
    depth + 1,
  )
}

function ingredientsOf(thing: Thing, byId: ReadonlyMap<string, Thing>): string[] {
  return list(propertyOf(thing, 'recipeIngredient', 'ingredients', 'ingredient', 'supply')).flatMap(
    entry => {
      if (!isThing(entry)) return lines(textOf(entry, byId))
      const name = textOf(propertyOf(entry, 'name', 'text', 'item', '@value'), byId)
      const amount = propertyOf(entry, 'requiredQuantity', 'amount', 'quantity', 'value')
      const unit = isThing(amount)
        ? textOf(propertyOf(amount, 'unitText', 'unitCode'), byId)
        : textOf(propertyOf(entry, 'unitText', 'unit'), byId)
      const number = isThing(amount)
        ? textOf(propertyOf(amount, 'value', 'minValue', 'name'), byId)
        : textOf(amount, byId)
      return lines([number, unit, name].filter(Boolean).join(' '))
    },
  )
}

const placeOf = (value: Json, i: number) =>
  isThing(value) && typeof value.position !== 'object' && value.position !== undefined
    ? Number(value.position)
    : i

interface Section {
  name: string
  steps: string[]
}

/** Parts in their order: by their positions where each has one. */
function inOrder(entries: readonly Json[]): Json[] {
  const placed = entries.map((value, i) => [value, placeOf(value, i)] as const)
  const isNumbered = placed.every(([, n]) => Number.isFinite(n))
  const sorted = isNumbered ? placed.sort((a, b) => a[1] - b[1]) : placed
  return sorted.map(([value]) => value)
}
/** A thing, or the one that its @id stands for. */
const resolved = (thing: Thing, byId: ReadonlyMap<string, Thing>): Thing =>
  Object.keys(thing).length === 1 && typeof thing['@id'] === 'string'
    ? (byId.get(thing['@id']) ?? thing)
    : thing
/** Data that is nested deeper, or has more sections, is not gone through. */
const deepest = 24
const mostSections = 200

/**
 * Instructions in any of their legal shapes: a text, texts, steps, sections of steps, lists of
 * items, or references.
 */
function sectionsOf(value: Json | undefined, byId: ReadonlyMap<string, Thing>): Section[] {
  const found: Section[] = [{ name: '', steps: [] }]
  const say = (...steps: readonly string[]) => found.at(-1)!.steps.push(...steps)
  const walkSection = (thing: Thing, inner: Json | undefined, depth: number) => {
    found.push({ name: wordsOfMarkup(textOf(propertyOf(thing, 'name'), byId)), steps: [] })
    walk(inner ?? propertyOf(thing, 'text'), depth + 1)
    found.push({ name: '', steps: [] })
  }
  const walkParts = (inner: Json, isStep: boolean, depth: number) => {
    const said = list(inner).filter(part => !isThing(part) || !typesOf(part).includes('HowToTip'))
    if (!isStep) {
      walk(said, depth + 1)
      return
    }
    const sentence = said.flatMap(part => lines(textOf(part, byId))).join(' ')
    if (sentence) say(sentence)
  }
  const walkThing = (thing: Thing, depth: number) => {
    const types = typesOf(thing)
    const inner = propertyOf(thing, 'itemListElement', 'steps', 'step', 'hasPart')
    const name = propertyOf(thing, 'name')
    const item = types.includes('ListItem') ? propertyOf(thing, 'item') : undefined
    const text = textOf(propertyOf(thing, 'text', 'description', '@value'), byId)
    const isSection =
      types.includes('HowToSection') || (types.includes('ItemList') && name !== undefined)
    if (isSection) walkSection(thing, inner, depth)
    else if (item !== undefined) walk(item, depth + 1)
    else if (text) say(lines(text).join(' '))
    else if (inner !== undefined) walkParts(inner, types.includes('HowToStep'), depth)
    else say(...lines(textOf(name, byId)))
  }
  const walk = (entry: Json | undefined, depth: number) => {
    if (depth > deepest || found.length > mostSections) return
    if (typeof entry === 'string') say(...lines(entry))
    else if (Array.isArray(entry))
      for (const each of inOrder(entry as readonly Json[])) walk(each, depth + 1)
    else if (isThing(entry)) walkThing(resolved(entry, byId), depth)
  }
  walk(value, 0)
  return found.filter(section => section.steps.length)
}

/** "PT1H30M" in minutes; null for anything else. ISO 8601, as schema.org asks. */
function minutesOfDuration(text: string): number | null {
  const found =
    /^P(?:(\d+)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:\d+(?:\.\d+)?S)?)?$/iu.exec(
      text.trim(),
    )
  if (!found || !(found[1] ?? found[2] ?? found[3])) return null
  return Number(found[1] ?? 0) * 1440 + Number(found[2] ?? 0) * 60 + Number(found[3] ?? 0)
}

function factsOf(thing: Thing, byId: ReadonlyMap<string, Thing>): string[] {
  const yields = list(propertyOf(thing, 'recipeYield', 'yield'))
    .map(y =>
      isThing(y)
        ? [
            textOf(propertyOf(y, 'value'), byId),
            textOf(propertyOf(y, 'unitText', 'unitCode'), byId),
          ]
            .filter(Boolean)
            .join(' ')
        : textOf(y, byId),
    )
    .filter(Boolean)
  const fullest = yields.reduce((best, y) => (y.length > best.length ? y : best), '')
  const saysIt = /\b(?:makes|serves|yields?|servings?|portions?)\b/iu
  const facts = fullest ? [saysIt.test(fullest) ? fullest : `Makes ${fullest}`] : []
  for (const [key, word] of [
    ['prepTime', 'Preparation'],
    ['cookTime', 'Cook time'],
  ] as const) {
    const minutes = minutesOfDuration(textOf(propertyOf(thing, key), byId))
    if (minutes) facts.push(`${word}: ${minutes} min`)
  }
  return facts.flatMap(lines)
}

function statedOf(thing: Thing, byId: ReadonlyMap<string, Thing>): StatedRecipe {
  const parts = list(thing['ingwer:parts']).flatMap(part =>
    isThing(part) && typeof part.name === 'string' && typeof part.count === 'number'
      ? [{ name: part.name, count: part.count }]
      : [],
  )
  const keywords = list(propertyOf(thing, 'keywords'))
    .flatMap(k => (typeof k === 'string' ? k.split(/\s*[,;]\s*/u) : []))
    .map(k => wordsOfMarkup(k).slice(0, 40))
    .filter(Boolean)
    .slice(0, 20)
  return {
    title: lines(textOf(propertyOf(thing, 'name', 'headline'), byId))[0] ?? '',
    facts: factsOf(thing, byId),
    ingredients: ingredientsOf(thing, byId),
    sections: sectionsOf(
      propertyOf(thing, 'recipeInstructions', 'instructions', 'step', 'steps'),
      byId,
    ),
    parts,
    region: typeof thing['ingwer:region'] === 'string' ? thing['ingwer:region'] : null,
    keywords,
  }
}

/** Every recipe that some linked data states. */
export function recipesInData(data: Json): StatedRecipe[] {
  const { recipes, byId } = thingsIn(data)
  return recipes.map(thing => statedOf(thing, byId))
}

/** A marked item as the linked data that it stands for. */
function dataOf(item: MarkedItem, depth = 0): Thing {
  const types = item.type
    .split(/\s+/u)
    .map(t => t.replace(/^.*[/:#]/u, ''))
    .filter(Boolean)
  const thing: Record<string, Json> = { '@type': types }
  if (depth < 12)
    for (const [name, values] of item.props)
      thing[name] = values.map(v => (typeof v === 'string' ? v : dataOf(v, depth + 1)))
  return thing
}

/** Every recipe that a page marks up by attributes. */
export const recipesInItems = (items: readonly MarkedItem[]): StatedRecipe[] =>
  items.map(item => statedOf(dataOf(item), new Map()))
