import { finding, linesOf, type Finding, type Recipe } from '../recipe'

/** What of the text is in no line, step or fact: asked about until somebody says what it is. */
export function leftOver(recipe: Recipe): Finding[] {
  const component = recipe.components.find(c => c.lines.length)?.name ?? ''
  if (!linesOf(recipe).length) return []
  return (recipe.left ?? []).map(({ words }) =>
    finding({
      code: 'left-over',
      severity: 'stop',
      text: words,
      sentence:
        `“${words.slice(0, 120)}” is left over: I do not know what it is, ` +
        'and it may be something to eat.',
      corrections: [
        { label: 'An ingredient', edits: [{ do: 'place', words, as: 'line', component }] },
        { label: 'A step', edits: [{ do: 'place', words, as: 'step', component }] },
        { label: 'Nothing to eat', edits: [{ do: 'place', words, as: 'remark', component }] },
      ],
    }),
  )
}
