import { Parser } from 'htmlparser2'

/** Elements whose words nobody sees, or that stand around a page and not in it. Nothing of them is kept. */
const unseen = new Set([
  'style',
  'noscript',
  'template',
  'svg',
  'iframe',
  'object',
  'nav',
  'footer',
  'button',
  'select',
  'textarea',
  'canvas',
  'video',
  'audio',
  'head',
  'dialog',
])
const blocks = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'br',
  'tr',
  'table',
  'section',
  'article',
  'header',
  'aside',
  'main',
  'dl',
  'dt',
  'dd',
  'blockquote',
  'pre',
  'figure',
  'figcaption',
  'hr',
  'label',
  'form',
  'fieldset',
  'address',
])
const anyBlock = new RegExp(`<(?:${[...blocks].join('|')})\\b`, 'iu')
const cells = new Set(['td', 'th'])

/** One thing that a page marks up by attributes: its properties, each a text or a thing again. */
export interface MarkedItem {
  readonly type: string
  readonly props: Map<string, (string | MarkedItem)[]>
}

/** What a page holds, as plain data: nothing of it was run, loaded or followed. */
export interface PageContent {
  readonly title: string
  /** The visible words, a line a block. */
  readonly text: string
  /** The words of the page's own main part, where it names one. */
  readonly main: string
  /** The source of every block of linked data. */
  readonly linked: readonly string[]
  readonly items: readonly MarkedItem[]
}

interface Open {
  readonly hidden: boolean
  readonly main: boolean
  readonly item: MarkedItem | null
  readonly props: readonly {
    readonly of: MarkedItem
    readonly names: readonly string[]
    text: string
  }[]
}

const inLine = /[^\S\n]+/gu
const isRecipe = (type: string) => /(?:^|[\s/:])Recipe(?:\s|$)/u.test(type)
const tidy = (text: string) =>
  text
    .replace(/[ \t\f\v\u00a0]+/gu, ' ')
    .replace(/ *\n */gu, '\n')
    .replace(/\n{3,}/gu, '\n\n')
    .trim()
const add = (item: MarkedItem, name: string, value: string | MarkedItem) => {
  const list = item.props.get(name)
  if (list) list.push(value)
  else item.props.set(name, [value])
}
/** What an element says that it is of the thing around it. */
const propertiesOf = (attributes: Readonly<Record<string, string>>, holder: MarkedItem | null) =>
  (attributes.itemprop ?? (holder ? attributes.property : undefined) ?? '')
    .split(/\s+/u)
    .map(n => n.replace(/^.*[:/]/u, ''))
    .filter(Boolean)
const valueAttribute = (tag: string, attributes: Readonly<Record<string, string>>) =>
  attributes.content ??
  (tag === 'time' ? attributes.datetime : undefined) ??
  (tag === 'data' || tag === 'meter' ? attributes.value : undefined)

type Attributes = Readonly<Record<string, string>>
const isHidden = (tag: string, attributes: Attributes) =>
  unseen.has(tag) ||
  tag === 'script' ||
  'hidden' in attributes ||
  attributes['aria-hidden'] === 'true' ||
  /display\s*:\s*none/iu.test(attributes.style ?? '')
const isMain = (tag: string) => tag === 'main' || tag === 'article'
/** The thing that an element begins, if it does. */
const itemOf = (attributes: Attributes): MarkedItem | null =>
  'itemscope' in attributes || attributes.typeof !== undefined
    ? { type: attributes.itemtype ?? attributes.typeof ?? '', props: new Map() }
    : null

/** The things that a page marks up by attributes, as its elements open and close. */
function markedItems() {
  const open: Open[] = []
  // The things and the collectors that are open now, innermost last: never searched for, since a
  // page may be nested ten thousand deep.
  const holders: MarkedItem[] = []
  const collectors: Open[] = []
  const items: MarkedItem[] = []
  /** Only the innermost holder collects; the outer ones are told when it closes. */
  const collect = (text: string) => {
    for (const prop of collectors.at(-1)?.props ?? []) prop.text += text
  }
  /** What the element says of the thing around it; what is said by its words is collected. */
  const propsOf = (tag: string, attributes: Attributes, item: MarkedItem | null): Open['props'] => {
    const holder = holders.at(-1) ?? null
    const names = propertiesOf(attributes, holder)
    if (!holder || !names.length) return []
    const value = item ?? valueAttribute(tag, attributes)
    if (value === undefined) return [{ of: holder, names, text: '' }]
    for (const name of names) add(holder, name, value)
    return []
  }
  return {
    items,
    collect,
    opens(tag: string, attributes: Attributes) {
      const item = itemOf(attributes)
      const props = propsOf(tag, attributes, item)
      if (item && isRecipe(item.type)) items.push(item)
      const now: Open = { hidden: isHidden(tag, attributes), main: isMain(tag), item, props }
      open.push(now)
      if (item) holders.push(item)
      if (props.length) collectors.push(now)
      return now
    },
    closes() {
      const last = open.pop()
      if (!last) return null
      if (last.item) holders.pop()
      if (last.props.length) collectors.pop()
      for (const prop of last.props) {
        const text = tidy(prop.text)
        if (text) for (const name of prop.names) add(prop.of, name, text)
        collect(prop.text)
      }
      return last
    },
  }
}

/**
 * Reads the source of a page in one pass. Scripts are never run; event handlers and addresses are
 * not even looked at.
 */
export function contentOf(html: string): PageContent {
  // Text with only some words marked up in it keeps its own lines.
  const space = anyBlock.test(html) ? /\s+/gu : inLine
  const marked = markedItems()
  const linked: string[] = []
  const [all, main]: [string[], string[]] = [[], []]
  let [title, script, inTitle] = ['', null as string[] | null, false]
  let [hiddenDepth, mainDepth, preDepth] = [0, 0, 0]
  const say = (text: string) => {
    if (hiddenDepth) return
    all.push(text)
    if (mainDepth) main.push(text)
    marked.collect(text)
  }
  const parser = new Parser(
    {
      onopentag(tag, attributes) {
        if (tag === 'script') script = /ld\+json/iu.test(attributes.type ?? '') ? [] : null
        if (tag === 'title') inTitle = true
        if (blocks.has(tag)) say('\n')
        const now = marked.opens(tag, attributes)
        hiddenDepth += Number(now.hidden)
        mainDepth += Number(now.main)
        preDepth += Number(tag === 'pre')
      },
      ontext(text) {
        if (script) script.push(text)
        else if (inTitle) title += text
        else say(text.replace(preDepth ? inLine : space, ' '))
      },
      onclosetag(tag) {
        if (tag === 'script' && script) {
          linked.push(script.join(''))
          script = null
        }
        if (tag === 'title') inTitle = false
        preDepth -= Number(tag === 'pre')
        const last = marked.closes()
        if (!last) return
        hiddenDepth -= Number(last.hidden)
        mainDepth -= Number(last.main)
        if (blocks.has(tag)) say('\n')
        else if (cells.has(tag)) say(' ')
      },
    },
    { decodeEntities: true, lowerCaseTags: true, lowerCaseAttributeNames: true },
  )
  parser.write(html)
  parser.end()
  return {
    title: title.replace(/\s+/gu, ' ').trim(),
    text: tidy(all.join('')),
    main: tidy(main.join('')),
    linked,
    items: marked.items,
  }
}

/** The words of a text that may hold markup and entities, a line a block. */
export function wordsOfMarkup(text: string): string {
  if (!/[<&]/u.test(text)) return tidy(text)
  // Some pages escape twice.
  const once = contentOf(text).text
  return /&(?:[a-z]{2,8}|#\d{2,5});/iu.test(once) ||
    /<\/?(?:p|br|li|b|i|strong|em|span|a)\b/iu.test(once)
    ? contentOf(once).text
    : once
}
