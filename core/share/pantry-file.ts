import Papa from 'papaparse'
import type { Ingredient } from '../pantry'
import { formOf, ingredientFrom, problemsOf, type IngredientForm } from './ingredient-form'

/** The columns of the pantry's table file, in their order; lists are parted by " | ". */
const columns = [
  'id',
  'name',
  'names',
  'kind',
  'water',
  'fat',
  'solid',
  'protein',
  'sugar',
  'starch',
  'fibre',
  'density',
  'piece',
  'holds',
  'mayHold',
  'traces',
  'packetRead',
] as const
const lists = new Set(['names', 'holds', 'mayHold', 'traces'])
const maybe = new Set(['density', 'piece'])
const mostRows = 5000

/**
 * Ingredients as a CSV table that any spreadsheet opens; a cell that looks like a formula is
 * written as text.
 */
export function pantryCsv(ingredients: readonly Ingredient[]): string {
  const rows = ingredients.map(formOf).map(form =>
    columns.map(c => {
      const value = form[c]
      if (Array.isArray(value)) return value.join(' | ')
      return value === null ? '' : String(value)
    }),
  )
  return Papa.unparse({ fields: [...columns], data: rows }, { escapeFormulae: true, newline: '\n' })
}

export interface CsvReading {
  readonly ingredients: readonly Ingredient[]
  readonly problems: readonly { readonly row: number; readonly sentence: string }[]
}

const plain = (cell: unknown) =>
  typeof cell === 'string' ? cell.replace(/^'(?=[=+\-@\t\r])/u, '').trim() : ''

function cellOf(column: string, cell: string): unknown {
  if (lists.has(column)) return cell.split(/\s*[|;]\s*/u).filter(Boolean)
  if (column === 'packetRead') return /^(?:true|yes|1|x)$/iu.test(cell)
  if (column === 'id' || column === 'name' || column === 'kind') return cell
  if (maybe.has(column) && !cell) return null
  return cell === '' ? 0 : Number(cell.replace(',', '.'))
}

const idFrom = (name: string) =>
  `own-${name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/gu, '-')
    .replace(/^-|-$/gu, '')
    .slice(0, 60)}`

/**
 * Reads a table of ingredients: what is right is taken, and every row that is not is named with
 * what is wrong. `builtIn` gives the row that an id corrects. Columns may stand in any order;
 * unknown ones are passed over.
 */
export function readPantryCsv(
  text: string,
  builtIn: (id: string) => Ingredient | undefined,
): CsvReading {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/u, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: h => h.trim(),
  })
  if (!parsed.meta.fields?.includes('name'))
    return {
      ingredients: [],
      problems: [
        {
          row: 1,
          sentence:
            'This table has no column “name”. Its first line must name the columns: ' +
            `${columns.join(', ')}.`,
        },
      ],
    }
  const problems: { row: number; sentence: string }[] = []
  const ingredients = new Map<string, Ingredient>()
  parsed.data.slice(0, mostRows).forEach((cells, i) => {
    const row = i + 2
    const form: Record<string, unknown> = {}
    for (const column of columns) form[column] = cellOf(column, plain(cells[column]))
    if (!form.id) form.id = idFrom(String(form.name))
    const wrong = problemsOf(form)
    if (wrong.length)
      problems.push({
        row,
        sentence:
          `Row ${row}${form.name ? ` (“${String(form.name).slice(0, 40)}”)` : ''}: ` +
          `${wrong.map(w => w.message).join('; ')}.`,
      })
    else
      ingredients.set(
        String(form.id),
        ingredientFrom(form as unknown as IngredientForm, builtIn(String(form.id))),
      )
  })
  if (parsed.data.length > mostRows)
    problems.push({ row: mostRows + 1, sentence: `Only the first ${mostRows} rows are read.` })
  return { ingredients: [...ingredients.values()], problems }
}
