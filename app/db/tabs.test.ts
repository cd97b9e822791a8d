import { afterAll, beforeEach, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { runs } from '../../tests/arbitraries'
import { each } from '../../tests/each'
import { readRecipe } from '#core'
import { bakeOf, mergeBake, type Bake } from '#core/share'
import { bakeById, saveBake, saveBakeOver } from './house'
import { db } from './schema'

const lines = ['200 g flour', '1 egg', '60 g sugar', '40 g butter']
const reading = readRecipe(`Bun\n${lines.join('\n')}\n\nMix. Bake.`)
/** The clock of these tests does not run: two writes may bear the same stamp. */
const stamp = '2026-01-01T00:00:00.000Z'
const start: Bake = bakeOf('b', reading, [], stamp)

/** What somebody does in one of two tabs: a tag, a line corrected, or the tab reads and writes. */
type Act =
  | { readonly do: 'tag'; readonly tab: 0 | 1 }
  | { readonly do: 'line'; readonly tab: 0 | 1; readonly at: number }
  | { readonly do: 'save'; readonly tab: 0 | 1; readonly mine: boolean }
const tab = fc.constantFrom(0 as const, 1 as const)
const act: fc.Arbitrary<Act> = fc.oneof(
  fc.record({ do: fc.constant('tag' as const), tab }),
  fc.record({ do: fc.constant('line' as const), tab, at: fc.nat({ max: lines.length - 1 }) }),
  fc.record({ do: fc.constant('save' as const), tab, mine: fc.boolean() }),
)

/** A bake that is open in a tab, as its store keeps it. */
class Tab {
  base = start
  mine = start
  change(part: Partial<Bake>) {
    this.mine = { ...this.mine, ...part, updated: stamp }
  }
  retype(at: number, text: string) {
    const components = this.mine.recipe.components.map(part => ({
      ...part,
      lines: part.lines.map((line, i) => (i === at ? { ...line, text } : line)),
    }))
    this.change({ recipe: { ...this.mine.recipe, components } })
  }
  /** Which line texts somebody gave up, having been asked. */
  async save(isMine: boolean): Promise<readonly string[]> {
    const kept = await saveBakeOver(this.mine, this.base)
    if (kept.is === 'gone') throw new Error('Nobody threw it away.')
    if (kept.is !== 'clash') {
      this.base = kept.bake
      this.mine = kept.bake
      return []
    }
    const before = textsOf(this.mine).concat(textsOf(kept.theirs))
    const counts = isMine
      ? mergeBake(this.base, this.mine, kept.theirs).bake
      : mergeBake(this.base, kept.theirs, this.mine).bake
    this.base = kept.theirs
    this.mine = counts
    await this.save(true)
    const after = new Set(textsOf(counts))
    return before.filter(text => !after.has(text))
  }
}
const textsOf = (bake: Bake) => bake.recipe.components.flatMap(part => part.lines.map(l => l.text))

beforeEach(() => db().bakes.clear())
afterAll(() => db().close())

/** The bench has more of them. */
const tries = runs(60)

describe('one dessert in two tabs, whatever is done in them and in whichever order', () => {
  test(
    'every tag stays; a line is as somebody wrote it last, or as somebody chose',
    async () => {
      await fc.assert(
        fc.asyncProperty(fc.array(act, { minLength: 2, maxLength: 24 }), async acts => {
          await saveBake(start)
          const tabs = [new Tab(), new Tab()] as const
          const tags: string[] = []
          /** Texts of each line that nobody has overwritten knowingly yet. */
          const live = lines.map(text => new Set([text]))
          const givenUp = async (of: Tab, isMine: boolean) => {
            for (const text of await of.save(isMine)) for (const texts of live) texts.delete(text)
          }
          for (const [n, does] of acts.entries()) {
            const own = tabs[does.tab]
            if (does.do === 'tag') {
              tags.push(`t${n}`)
              own.change({ tags: [...own.mine.tags, `t${n}`] })
            } else if (does.do === 'line') {
              live[does.at]!.delete(textsOf(own.mine)[does.at]!)
              live[does.at]!.add(`${n} g of it`)
              own.retype(does.at, `${n} g of it`)
            } else await givenUp(own, does.mine)
          }
          for (const own of [...tabs, ...tabs]) await givenUp(own, true)
          const kept = (await bakeById('b'))!
          expect([...kept.tags].sort()).toEqual(tags.sort())
          for (const own of each(tabs)) expect(own.mine).toEqual(kept)
          expect(textsOf(kept).map((text, i) => live[i]!.has(text))).toEqual(lines.map(() => true))
        }),
        { numRuns: tries },
      )
    },
    1000 * tries,
  )
})
