import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { builtIn, pantry } from '#core/pantry'
import { pantryFile, pantryForm } from './index'

const { pantryCsv, readPantryCsv } = await pantryFile()
const { formOf, ingredientFrom, problemsOf } = await pantryForm()
const header =
  'id,name,names,kind,water,fat,solid,protein,sugar,starch,fibre,density,piece,' +
  'holds,mayHold,traces,packetRead'
const crunch =
  'own-crunch,Brackwater crunch,crunch mix | crunch,flakes,10,7,0,12,20,40,10,0.4,,oat | ' +
  'wheat,almond,sesame,yes'

describe('the pantry as a table file', () => {
  test('the whole pantry goes out and comes back with the same facts', () => {
    const read = readPantryCsv(pantryCsv(pantry), builtIn)
    expect(read.problems).toEqual([])
    expect(read.ingredients).toHaveLength(pantry.length)
    for (const [i, item] of each(pantry.entries()))
      expect(read.ingredients[i]).toMatchObject({
        id: item.id,
        names: expect.arrayContaining([item.name]),
        kind: item.kind,
        holds: item.holds,
        mayHold: item.mayHold,
        traces: item.traces,
        density: item.density,
        does: item.does,
        acid: item.acid,
        soda: item.soda,
        powder: item.powder,
        sweet: item.sweet,
      })
  })
  test('one of the house’s own, columns in another order, decimal commas, semicolons', () => {
    const [item] = readPantryCsv(`${header}\n${crunch}`, builtIn).ingredients
    expect(item).toMatchObject({
      id: 'own-crunch',
      names: ['Brackwater crunch', 'crunch mix', 'crunch'],
      holds: ['oat', 'wheat'],
      mayHold: ['almond'],
      traces: ['sesame'],
      density: { spooned: 0.4 },
      unread: undefined,
    })
    const [other] = readPantryCsv(
      'kind;name;fat;water\r\noil;Our oil;99,5;0,2',
      builtIn,
    ).ingredients
    expect(other).toMatchObject({
      id: 'own-our-oil',
      kind: 'oil',
      per100: { fat: 99.5, water: 0.2 },
      unread: true,
    })
  })
  test('every row that is wrong is named, the others are taken', () => {
    const read = readPantryCsv(
      [
        header,
        crunch,
        'own-b,,,oil,0,100,0,0,0,0,0,,,,,,',
        'own-c,Thing,,nonsense,0,0,0,0,0,0,0,,,,,,',
        'own-d,Much,,oil,90,90,0,0,0,0,0,,,,,,',
        'own-e,Words,,oil,lots,0,0,0,0,0,0,,,,,,',
        'own-f,Odd,,oil,0,100,0,0,0,0,0,,,unobtainium,,,',
        'own-g,Heavy,,oil,0,100,0,0,0,0,0,14,,,,,',
      ].join('\n'),
      builtIn,
    )
    expect(read.ingredients.map(i => i.id)).toEqual(['own-crunch'])
    expect(read.problems.map(p => p.row)).toEqual([3, 4, 5, 6, 7, 8])
    for (const [i, says] of each(
      [
        /Give it a name/u,
        /choose what it is/u,
        /come to 180 g in 100 g/u,
        /Water must be a number/u,
        /“unobtainium” is nothing that Ingwer knows/u,
        /Grams a millilitre/u,
      ].entries(),
    ))
      expect(read.problems[i]!.sentence).toMatch(says)
  })
  test('a file that is no such table says so', () => {
    for (const text of ['', 'a,b\n1,2', '\u0000\u0001', '<html>']) {
      const read = readPantryCsv(text, builtIn)
      expect(read.ingredients).toEqual([])
      expect(read.problems[0]!.sentence).toMatch(/no column “name”/u)
    }
  })
  test('no cell can become a formula in a spreadsheet, and it comes back as it was', () => {
    const item = {
      ...builtIn('cocoa')!,
      id: 'own-x',
      name: '=HYPERLINK("x")',
      names: ['=HYPERLINK("x")', '@cmd'],
    }
    const csv = pantryCsv([item])
    expect(csv).not.toMatch(/(?:^|,|\n)"?[=@+-]/mu)
    expect(readPantryCsv(csv, builtIn).ingredients[0]!.name).toBe('=HYPERLINK("x")')
  })
})

describe('the form', () => {
  test('every built-in row passes it and stays as it is', () => {
    for (const item of each(pantry)) {
      expect([item.id, problemsOf(formOf(item))]).toEqual([item.id, []])
      const back = ingredientFrom(formOf(item), item)
      expect(back).toMatchObject({
        density: item.density,
        pieces: item.pieces,
        does: item.does,
        holds: item.holds,
      })
    }
  })
  test('what is left out of one of the house’s own is not known, never none', () => {
    const item = ingredientFrom({
      ...formOf(builtIn('cocoa')!),
      id: 'own-y',
      name: 'Ours',
      density: null,
      piece: null,
      packetRead: false,
    })
    expect(item).toMatchObject({
      density: {},
      pieces: {},
      unread: true,
      source: 'entered in this house',
    })
  })
})
