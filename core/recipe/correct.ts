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
import {
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

function apply(draft: EditDraft, edit: Exclude<RecipeEdit, BakerAnswer>): Step {
  const { recipe } = draft
  const line = 'lineId' in edit ? linesOf(recipe).find(l => l.id === edit.lineId) : undefined
  if ('lineId' in edit && !line) return refuse('That line is not there any more.')
  switch (edit.do) {
    case 'retype':
      return reread(draft, line!, edit.text)
    case 'say':
      return reread(draft, line!, line!.text, { ingredient: edit.ingredient })
    case 'say-words':
      return eachLine(draft, (now, l) =>
        sameWords(unknownWords(l), edit.words)
          ? reread(now, l, l.text, { ingredient: edit.ingredient })
          : done(now),
      )
    case 'remove':
      return done(replaceLine(draft, line!.id, [], []))
    case 'add':
      return addLine(draft, edit.component, edit.text, edit.after)
    case 'move':
      return moveLine(draft, line!, edit.to, edit.before)
    case 'split':
      return splitLine(draft, line!, edit.at)
    case 'join':
      return joinLine(draft, line!)
    case 'restep': {
      const text = edit.text.replace(/\s+/gu, ' ').trim().slice(0, longestStep)
      return text
        ? changeSteps(draft, edit.component, edit.at, steps => {
            steps[edit.at] = [text, steps[edit.at]?.[1] ?? null]
          })
        : refuse(
            'A step needs words. The old ones are kept; take the step out if it is not needed.',
          )
    }
    case 'add-step': {
      const text = edit.text.replace(/\s+/gu, ' ').trim().slice(0, longestStep)
      return text
        ? changeSteps(draft, edit.component, edit.after, steps => {
            steps.splice(edit.after + 1, 0, [text, null])
          })
        : refuse('A step needs words.')
    }
    case 'remove-step':
      return changeSteps(draft, edit.component, edit.at, steps => {
        steps.splice(edit.at, 1)
      })
    case 'move-step':
      return changeSteps(draft, edit.component, edit.at, steps => {
        const [step] = steps.splice(edit.at, 1)
        if (step) steps.splice(Math.max(0, edit.to), 0, step)
      })
    case 'rename-part': {
      const name = edit.name.trim().toLowerCase().slice(0, 60)
      if (recipe.components.some(c => c.name === name && c.name !== edit.component))
        return refuse(`There is a part “${name || 'without a name'}” already.`)
      return done({
        ...draft,
        recipe: {
          ...recipe,
          components: recipe.components.map(c =>
            c.name === edit.component
              ? { ...c, name, lines: c.lines.map(l => ({ ...l, component: name })) }
              : c,
          ),
        },
      })
    }
    case 'add-part': {
      const name = edit.name.trim().toLowerCase().slice(0, 60)
      if (!name) return refuse('A part needs a name, such as “glaze”.')
      return recipe.components.some(c => c.name === name)
        ? refuse(`There is a part “${name}” already.`)
        : done({
            ...draft,
            recipe: {
              ...recipe,
              components: [...recipe.components, { name, lines: [], steps: [], stepsFrom: [] }],
            },
          })
    }
    case 'region':
      return inRegion(draft, edit.region)
    case 'handling':
      return inRegion({ ...draft, recipe: { ...recipe, handling: edit.handling } }, recipe.region)
    case 'title':
      return edit.title.trim()
        ? done({ ...draft, recipe: { ...recipe, title: edit.title.trim().slice(0, 120) } })
        : refuse('A dessert needs a name. The old one is kept.')
    case 'oven':
      return edit.celsius >= 30 && edit.celsius <= 320
        ? done({
            ...draft,
            recipe: {
              ...recipe,
              oven: {
                fan: false,
                minutes: null,
                ...recipe.oven,
                celsius: edit.celsius,
                text: `${edit.celsius} °C`,
              },
            },
          })
        : refuse('An oven bakes between 30 and 320 °C.')
    case 'scale':
      return edit.by > 0 && edit.by <= 50
        ? eachLine(draft, (now, l) =>
            reread(now, l, scaledText(l, edit.by, recipe.region), answerOf(l)),
          )
        : refuse('An amount can be made up to fifty times as much.')
    case 'dismiss':
      return done({ ...draft, settled: [...new Set([...draft.settled, edit.key])] })
    case 'recall':
      return done({ ...draft, settled: draft.settled.filter(key => key !== edit.key) })
  }
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
