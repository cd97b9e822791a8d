import type { Region } from '../../../measure'
import { measured, type Ingredient, type Measured } from '../../../pantry'
import type { Line } from '../../../recipe'
import { writtenLine } from './write'

/**
 * What comes in a second time, to set something right, goes to the new line that there is of it; false
 * where there is none.
 */
function joinsLine(
  newLines: Map<string, Line[]>,
  ingredient: Ingredient,
  amount: Measured,
  { region, by }: { readonly region: Region; readonly by: 'grams' | 'spoons' },
): boolean {
  for (const [id, lines] of newLines) {
    const at = lines.findIndex(line => isSame(line, ingredient))
    const line = lines[at]
    if (!line) continue
    const whole = writtenLine({
      id: line.id,
      component: line.component,
      ingredient,
      amount: measured(line.grams!.best + amount.grams, ingredient, region, by),
      region,
      tail: '',
      purpose: line.purpose,
    })
    newLines.set(id, lines.with(at, whole))
    return true
  }
  return false
}

/** Is this line nothing but that ingredient, weighed, and made ready into nothing? */
const isSame = (line: Line, ingredient: Ingredient): boolean =>
  line.ingredient === ingredient.id &&
  line.grams !== null &&
  line.purpose === null &&
  !/,/u.test(line.text)

interface OfPart {
  readonly component: string
  readonly newLines: Map<string, Line[]>
  readonly region: Region
  readonly by: 'grams' | 'spoons'
}

/**
 * Lines for what sets something right; what a new line has already is put to that one. `isElsewhere`:
 * the part lists the same thing too.
 */
export function extraLines<A extends { readonly ingredient: Ingredient }>(
  used: readonly { readonly a: A; readonly amount: Measured }[],
  part: OfPart,
  nextId: () => string,
  isElsewhere: (a: A) => boolean,
): Line[] {
  const alone = used.filter(
    ({ a, amount }) => !joinsLine(part.newLines, a.ingredient, amount, part),
  )
  return alone.map(({ a, amount }) =>
    writtenLine({
      id: nextId(),
      component: part.component,
      ingredient: a.ingredient,
      amount,
      region: part.region,
      tail: isElsewhere(a) ? 'besides' : '',
    }),
  )
}
