import type { Component, Line, Recipe } from './recipe'

/** What stands under one heading of a written-out recipe. */
export interface Block {
  readonly name: string
  readonly lines: readonly Line[]
  readonly steps: readonly string[]
}

/**
 * A recipe as it is written out: each part with its things and steps; where one method makes all
 * parts, their things first and the method after them, as whoever bakes needs them.
 */
export function blocksOf(recipe: Pick<Recipe, 'components'>): readonly Block[] {
  const parts: readonly Component[] = recipe.components
  const making = parts.filter(part => part.steps.length)
  if (parts.filter(part => part.lines.length).length < 2 || making.length !== 1)
    return parts.map(({ name, lines, steps }) => ({ name, lines, steps }))
  return [
    ...parts
      .filter(part => part.lines.length)
      .map(({ name, lines }) => ({ name, lines, steps: [] })),
    { name: 'method', lines: [], steps: making[0]!.steps },
  ]
}
