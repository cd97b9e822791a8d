import type { Region } from '../measure'
import { wholeFindings, type Rule } from './findings'
import { answer, isAnswer, type BakerAnswer } from './answers'
import {
  addLine,
  answerOf,
  changeSteps,
  done,
  longestStep,
  mapPart,
  nextId,
  ofLine,
  refuse,
  replaceLine,
  reread,
  setting,
  type EditDraft,
  type Step,
} from './draft'
import { readLine } from './line/line'
import { asSentence } from './things/sentence'
import {
  type Component,
  linesOf,
  type Finding,
  type Line,
  type Reading,
  type Recipe,
  type RecipeEdit,
  type Span,
} from './recipe'
import { scaledText } from './line/scale'

export type EditResult =
  | {
      readonly ok: true
      readonly recipe: Recipe
      readonly findings: readonly Finding[]
      readonly settled: readonly string[]
    }
  | {
      readonly ok: false
      readonly problem: { readonly code: string; readonly sentence: string; readonly at: Span }
    }

/** Findings that reading the whole text gave; the others are worked out anew after every correction. */
const ofText: ReadonlySet<Finding['code']> = new Set([
  'markup',
  'too-long',
  'other-text',
  'several',
  'no-steps',
  'no-list',
  'language',
])

function eachLine(draft: EditDraft, change: (draft: EditDraft, line: Line) => Step): Step {
  let now = draft
  for (const line of linesOf(draft.recipe)) {
    const step = change(now, line)
    if (step.ok) now = step.draft
  }
  return done(now)
}

function splitLine(draft: EditDraft, line: Line, at: number): Step {
  const left = line.text
    .slice(0, at)
    .replace(/(?:[\s,;+&]|\b(?:and|plus|or))+$/iu, '')
    .trim()
  const right = line.text
    .slice(at)
    .replace(/^(?:[\s,;+&]|(?:and|plus|or)\b)+/iu, '')
    .trim()
  if (!left || !right)
    return refuse('Put the cursor between two things first; then the line is split there.')
  const id = nextId(draft.recipe)
  const [one, two] = [
    readLine(left, { ...setting(draft), id: line.id, component: line.component }),
    readLine(right, { ...setting(draft), id, component: line.component }),
  ]
  if (!one.ok) return one
  if (!two.ok) return two
  const from = line.from ?? null
  return done(
    replaceLine(
      draft,
      line.id,
      [
        { ...one.line, from },
        { ...two.line, from, purpose: two.line.purpose ?? line.purpose },
      ],
      [...one.findings, ...two.findings],
    ),
  )
}

function joinLine(draft: EditDraft, line: Line): Step {
  const part = draft.recipe.components.find(c => c.lines.includes(line))!
  const above = part.lines[part.lines.indexOf(line) - 1]
  if (!above) return refuse('There is no line above it in this part to join it with.')
  const from: Span | null =
    above.from && line.from
      ? [Math.min(above.from[0], line.from[0]), Math.max(above.from[1], line.from[1])]
      : (above.from ?? null)
  const gone = replaceLine(draft, line.id, [], [])
  const joined = reread(gone, above, `${above.text} ${line.text}`)
  return joined.ok
    ? done(
        mapPart(joined.draft, part.name, c => ({
          ...c,
          lines: c.lines.map(l => (l.id === above.id ? { ...l, from } : l)),
        })),
      )
    : joined
}

function moveLine(draft: EditDraft, line: Line, to: string, before: string | null): Step {
  if (!draft.recipe.components.some(c => c.name === to))
    return refuse('That part is not there any more.')
  if (before === line.id) return done(draft)
  const components = draft.recipe.components
    .map(c => ({ ...c, lines: c.lines.filter(l => l.id !== line.id) }))
    .map(c => {
      if (c.name !== to) return c
      const at = before === null ? -1 : c.lines.findIndex(l => l.id === before)
      const placed = { ...line, component: to }
      return {
        ...c,
        lines:
          at < 0 ? [...c.lines, placed] : [...c.lines.slice(0, at), placed, ...c.lines.slice(at)],
      }
    })
  return done({ ...draft, recipe: { ...draft.recipe, components } })
}

const sameWords = (a: string, b: string) =>
  a.toLowerCase().replace(/\s+/gu, ' ').trim() === b.toLowerCase().replace(/\s+/gu, ' ').trim()

/** The words of a line that nobody knew: its name when the whole is unknown, else the unread words. */
const unknownWords = (line: Line): string => {
  if (!line.ingredient) return line.name
  return line.unread.length ? line.name : ''
}

type Edit = Exclude<RecipeEdit, BakerAnswer>
type EditOf<Do extends Edit['do']> = Extract<Edit, { readonly do: Do }>

const stepWords = (text: string) => text.replace(/\s+/gu, ' ').trim().slice(0, longestStep)
const partName = (text: string) => text.trim().toLowerCase().slice(0, 60)
const withRecipe = (draft: EditDraft, change: Partial<Recipe>) =>
  done({ ...draft, recipe: { ...draft.recipe, ...change } })

/** What is done to steps. */
const stepEdits: { [Do in StepEdit]: (draft: EditDraft, edit: EditOf<Do>) => Step } = {
  'restep': (draft, { component, at, text }) => {
    const words = stepWords(text)
    if (!words)
      return refuse(
        'A step needs words. The old ones are kept; take the step out if it is not needed.',
      )
    return changeSteps(draft, component, at, steps => {
      steps[at] = [words, steps[at]?.[1] ?? null]
    })
  },
  'add-step': (draft, { component, after, text }) => {
    const words = stepWords(text)
    if (!words) return refuse('A step needs words.')
    return changeSteps(draft, component, after, steps => {
      steps.splice(after + 1, 0, [words, null])
    })
  },
  'remove-step': (draft, { component, at }) =>
    changeSteps(draft, component, at, steps => {
      steps.splice(at, 1)
    }),
  'move-step': (draft, { component, at, to }) =>
    changeSteps(draft, component, at, steps => {
      const [step] = steps.splice(at, 1)
      if (step) steps.splice(Math.max(0, to), 0, step)
    }),
  'cut-step': (draft, { component, at, place }) => {
    const text = stepAt(draft, component, at)
    const [head, tail] = [text.slice(0, place), text.slice(place)].map(stepWords)
    if (!head || !tail) return refuse('A step is cut between two of its words.')
    return changeSteps(draft, component, at, steps => {
      const from = steps[at]?.[1] ?? null
      steps.splice(at, 1, [asSentence(head), from], [asSentence(tail), from])
    })
  },
  'join-step': (draft, { component, at }) => {
    if (!stepAt(draft, component, at + 1)) return refuse('There is no step behind it to join.')
    return changeSteps(draft, component, at, steps => {
      const [one, other] = [steps[at]!, steps[at + 1]!]
      const head = asSentence(one[0])
      const from: Span | null = one[1] && other[1] ? [one[1][0], other[1][1]] : one[1]
      steps.splice(at, 2, [stepWords(`${head} ${other[0]}`), from])
    })
  },
  'step-to-part': (draft, { component, at, to }) => {
    const text = stepAt(draft, component, at)
    const part = draft.recipe.components.find(c => c.name === to)
    if (!part) return refuse('That part is not there any more.')
    if (to === component) return done(draft)
    const gone = changeSteps(draft, component, at, steps => {
      steps.splice(at, 1)
    })
    if (!gone.ok) return gone
    const after = part.steps.length - 1
    return stepEdits['add-step'](gone.draft, { do: 'add-step', component: to, after, text })
  },
}
const stepAt = (draft: EditDraft, component: string, at: number) =>
  draft.recipe.components.find(c => c.name === component)?.steps[at] ?? ''
type StepEdit =
  'restep' | 'add-step' | 'remove-step' | 'move-step' | 'cut-step' | 'join-step' | 'step-to-part'

/** What is done to the recipe as a whole. */
const wholeEdits: { [Do in WholeEdit]: (draft: EditDraft, edit: EditOf<Do>) => Step } = {
  'say-words': (draft, { words, ingredient }) =>
    eachLine(draft, (now, line) =>
      sameWords(unknownWords(line), words)
        ? reread(now, line, line.text, { ingredient })
        : done(now),
    ),
  'add': (draft, { component, text, after }) => addLine(draft, component, text, after),
  'rename-part': (draft, { component, name: given }) => {
    const { components } = draft.recipe
    const name = partName(given)
    if (components.some(c => c.name === name && c.name !== component))
      return refuse(`There is a part “${name || 'without a name'}” already.`)
    const renamed = (part: Component): Component => ({
      ...part,
      name,
      lines: part.lines.map(line => ({ ...line, component: name })),
    })
    return withRecipe(draft, {
      components: components.map(c => (c.name === component ? renamed(c) : c)),
    })
  },
  'add-part': (draft, { name: given }) => {
    const { components } = draft.recipe
    const name = partName(given)
    if (!name) return refuse('A part needs a name, such as “glaze”.')
    if (components.some(c => c.name === name)) return refuse(`There is a part “${name}” already.`)
    const fresh = { name, lines: [], steps: [], stepsFrom: [] }
    return withRecipe(draft, { components: [...components, fresh] })
  },
  'region': (draft, { region }) => inRegion(draft, region),
  'handling': (draft, { handling }) =>
    inRegion({ ...draft, recipe: { ...draft.recipe, handling } }, draft.recipe.region),
  'title': (draft, { title: given }) => {
    const title = given.trim().slice(0, 120)
    return title
      ? withRecipe(draft, { title })
      : refuse('A dessert needs a name. The old one is kept.')
  },
  'oven': (draft, { celsius }) => {
    if (!(celsius >= 30 && celsius <= 320)) return refuse('An oven bakes between 30 and 320 °C.')
    const { oven } = draft.recipe
    const set = { fan: false, minutes: null, ...oven, celsius, text: `${celsius} °C` }
    return withRecipe(draft, { oven: set })
  },
  'scale': (draft, { by }) =>
    by > 0 && by <= 50
      ? eachLine(draft, (now, line) =>
          reread(now, line, scaledText(line, by, draft.recipe.region), answerOf(line)),
        )
      : refuse('An amount can be made up to fifty times as much.'),
  'dismiss': (draft, { key }) => done({ ...draft, settled: [...new Set([...draft.settled, key])] }),
  'recall': (draft, { key }) =>
    done({ ...draft, settled: draft.settled.filter(each => each !== key) }),
}
type WholeEdit = Exclude<Edit['do'], StepEdit | LineEdit>

/** What is done to a line that is there. */
const lineEdits: { [Do in LineEdit]: (draft: EditDraft, line: Line, edit: EditOf<Do>) => Step } = {
  retype: (draft, line, { text }) => reread(draft, line, text),
  say: (draft, line, { ingredient }) => reread(draft, line, line.text, { ingredient }),
  remove: (draft, line) => done(replaceLine(draft, line.id, [], [])),
  move: (draft, line, { to, before }) => moveLine(draft, line, to, before),
  split: (draft, line, { at }) => splitLine(draft, line, at),
  join: (draft, line) => joinLine(draft, line),
}
type LineEdit = 'retype' | 'say' | 'remove' | 'move' | 'split' | 'join'
const isOfLine = (edit: Edit): edit is EditOf<LineEdit> => edit.do in lineEdits
const isOfStep = (edit: Edit): edit is EditOf<StepEdit> => edit.do in stepEdits

function apply(draft: EditDraft, edit: Edit): Step {
  if (isOfLine(edit)) {
    const line = linesOf(draft.recipe).find(l => l.id === edit.lineId)
    return line
      ? lineEdits[edit.do](draft, line, edit as never)
      : refuse('That line is not there any more.')
  }
  if (isOfStep(edit)) return stepEdits[edit.do](draft, edit as never)
  return wholeEdits[edit.do](draft, edit as never)
}

function inRegion(draft: EditDraft, region: Region): Step {
  return eachLine({ ...draft, recipe: { ...draft.recipe, region } }, (now, line) =>
    reread(now, line, line.text, answerOf(line)),
  )
}

/** Works out the findings of the whole, and leaves out what the baker called no problem. */
function settle(draft: EditDraft, further: readonly Rule[]): EditDraft {
  const hasLines = linesOf(draft.recipe).length > 0
  const own = draft.findings.filter(
    f =>
      ofLine.has(f.code) ||
      (ofText.has(f.code) &&
        !(f.code === 'no-steps' && draft.recipe.components.some(c => c.steps.length))) ||
      ((f.code === 'no-lines' || f.code === 'empty') && !hasLines),
  )
  const present = new Set(
    linesOf(draft.recipe).flatMap(l => [l.id, ...l.orElse.map(alt => alt.id)]),
  )
  const all = [
    ...own.filter(f => !f.lineId || present.has(f.lineId)),
    ...wholeFindings(draft.recipe, further),
  ]
  return { ...draft, findings: all.filter(f => !draft.settled.includes(f.key)) }
}

/** Every line read again, its answers kept: after the pantry or a spoon of the house changed. */
export function rereadAll(
  reading: Reading,
  further: readonly Rule[] = [],
): { recipe: Recipe; findings: readonly Finding[]; settled: readonly string[] } {
  const step = inRegion({ ...reading, settled: reading.settled ?? [] }, reading.recipe.region)
  return settle(step.ok ? step.draft : { ...reading, settled: reading.settled ?? [] }, further)
}

/**
 * Applies one correction, or several as one. Refuses, with a sentence, an empty or over-long text
 * and a line or step that is not there; the reading is then unchanged. "No problem" is remembered
 * in `settled` and does not come back.
 */
export function editRecipe(
  reading: Reading,
  edits: RecipeEdit | readonly RecipeEdit[],
  further: readonly Rule[] = [],
): EditResult {
  let draft: EditDraft = {
    recipe: reading.recipe,
    findings: reading.findings,
    settled: reading.settled ?? [],
  }
  for (const edit of Array.isArray(edits)
    ? (edits as readonly RecipeEdit[])
    : [edits as RecipeEdit]) {
    const step = isAnswer(edit) ? answer(draft, edit) : apply(draft, edit)
    if (!step.ok) return step
    draft = step.draft
  }
  return { ok: true, ...settle(draft, further) }
}

/**
 * Names in the recipe that the pantry does not know, each once with the lines it stands in: to be
 * answered in one go.
 */
export function unknownsOf(
  recipe: Recipe,
): { readonly words: string; readonly lines: readonly Line[] }[] {
  const found = new Map<string, Line[]>()
  for (const line of linesOf(recipe)) {
    const words = unknownWords(line).toLowerCase().trim()
    if (words && line.evidence.by === 'words') found.set(words, [...(found.get(words) ?? []), line])
  }
  return [...found].map(([words, lines]) => ({ words, lines }))
}
