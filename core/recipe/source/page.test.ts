import { describe, expect, test } from '@jest/globals'
import { linesOf } from '../recipe'
import { readFile } from './file'
import { readPage } from './page'

/**
 * Pages of our own making, each stating the same dessert in another of schema.org's legal shapes,
 * or only in words. What is expected is the same for all: 5 lines in grams, 3 steps, the title.
 */
const ingredients = [
  '250 g plain flour',
  '125 g butter',
  '75 g icing sugar',
  '1 egg yolk',
  '1 tsp vanilla extract',
]
const steps = [
  'Rub the butter into the flour and icing sugar.',
  'Bind with the egg yolk and vanilla, and chill for 30 minutes.',
  'Cut out stars and bake at 180 °C for 12 minutes.',
]
const script = (data: unknown) =>
  '<!doctype html><html><head><title>Page</title><script ' +
  'type="application/ld+json">' +
  (typeof data === 'string' ? data : JSON.stringify(data).replace(/<\//gu, '<\\/')) +
  '</script></head><body><nav>Home</nav><p>Story ' +
  'about lanterns with 3 cups of walnuts.</p></body></html>'
const base = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  'name': 'Lantern stars',
  'recipeYield': '24 biscuits',
  'recipeIngredient': ingredients,
}

const shapes: readonly (readonly [string, string])[] = [
  ['steps as texts', script({ ...base, recipeInstructions: steps })],
  [
    'steps as HowToStep',
    script({ ...base, recipeInstructions: steps.map(text => ({ '@type': 'HowToStep', text })) }),
  ],
  ['steps as one text', script({ ...base, recipeInstructions: steps.join('\n') })],
  [
    'steps as markup in a text',
    script({
      ...base,
      recipeInstructions: `<ol>${steps.map(s => `<li>${s.replace('°', '&deg;')}</li>`).join('')}</ol>`,
    }),
  ],
  [
    'sections of steps',
    script({
      ...base,
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          'name': 'Dough',
          'itemListElement': [steps[0], steps[1]].map(text => ({ '@type': 'HowToStep', text })),
        },
        {
          '@type': 'HowToSection',
          'name': 'Baking',
          'itemListElement': [{ '@type': 'HowToStep', 'text': steps[2] }],
        },
      ],
    }),
  ],
  [
    'an ItemList with positions, out of order',
    script({
      ...base,
      recipeInstructions: {
        '@type': 'ItemList',
        'itemListElement': [2, 0, 1].map(i => ({
          '@type': 'ListItem',
          'position': i + 1,
          'item': { '@type': 'HowToStep', 'text': steps[i] },
        })),
      },
    }),
  ],
  [
    'steps of directions',
    script({
      ...base,
      recipeInstructions: steps.map(text => ({
        '@type': 'HowToStep',
        'itemListElement': [
          { '@type': 'HowToDirection', text },
          { '@type': 'HowToTip', 'text': 'Serve with cream.' },
        ],
      })),
    }),
  ],
  [
    'inside @graph among others',
    script({
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebSite', 'name': 'x' },
        { ...base, '@type': ['Recipe', 'NewsArticle'], 'recipeInstructions': steps },
      ],
    }),
  ],
  [
    'a list at the top',
    script([{ '@type': 'Organization' }, { ...base, recipeInstructions: steps }]),
  ],
  [
    'references by @id',
    script({
      '@graph': [
        {
          '@type': 'Recipe',
          'name': 'Lantern stars',
          'recipeIngredient': ingredients,
          'recipeInstructions': [{ '@id': '#a' }, { '@id': '#b' }, { '@id': '#c' }],
        },
        ...steps.map((text, i) => ({ '@id': `#${'abc'[i]}`, '@type': 'HowToStep', text })),
      ],
    }),
  ],
  [
    'nested under mainEntity, prefixed names',
    script({
      '@type': 'WebPage',
      'mainEntity': {
        '@type': 'schema:Recipe',
        'schema:name': 'Lantern stars',
        'schema:recipeIngredient': { '@list': ingredients },
        'schema:recipeInstructions': steps.map(text => ({ '@value': text })),
      },
    }),
  ],
  [
    'ingredients as things with quantities',
    script({
      ...base,
      recipeIngredient: ingredients.map(line => {
        const [, value, unitText, name] = /^(\d+) (g|tsp|)\s*(.*)$/.exec(line)!
        return {
          '@type': 'HowToSupply',
          name,
          'requiredQuantity': { '@type': 'QuantitativeValue', value, unitText },
        }
      }),
      recipeInstructions: steps,
    }),
  ],
  [
    'one text of ingredients, old name',
    script({
      '@type': 'Recipe',
      'name': ['Lantern stars'],
      'ingredients': ingredients.join('\n'),
      'recipeInstructions': steps,
    }),
  ],
  [
    'comments, raw line breaks and commas too many',
    script(
      `<!-- ${'\n'}{"@type":"Recipe","name":"Lantern ` +
        'stars","recipeIngredient":[' +
        ingredients.map(i => JSON.stringify(i)).join(',') +
        `,],"recipeInstructions":"${steps.join('\n')}",}${'\n'}-->`,
    ),
  ],
  [
    'microdata',
    '<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Lantern ' +
      'stars</h1><ul>' +
      ingredients
        .map(
          i =>
            `<li itemprop="recipeIngredient"><b>${i.split(' ')[0]}</b> ` +
            `${i.split(' ').slice(1).join(' ')}</li>`,
        )
        .join('') +
      '</ul><meta ' +
      'itemprop="recipeYield" content="24 ' +
      `biscuits"><ol>${steps.map(s => `<li itemprop="recipeInstructions">${s}</li>`).join('')}</ol></div>`,
  ],
  [
    'microdata with steps as items',
    '<article itemscope itemtype="http://schema.org/Recipe"><h2 itemprop="name">Lantern ' +
      'stars</h2>' +
      ingredients.map(i => `<p itemprop="ingredients">${i}</p>`).join('') +
      steps
        .map(
          s =>
            '<div itemprop="recipeInstructions" itemscope itemtype="http://schema.org/HowToStep">' +
            `<span itemprop="text">${s}</span></div>`,
        )
        .join('') +
      '</article>',
  ],
  [
    'RDFa',
    '<div vocab="https://schema.org/" typeof="Recipe"><h1 property="name">Lantern ' +
      'stars</h1>' +
      ingredients.map(i => `<li property="recipeIngredient">${i}</li>`).join('') +
      steps.map(s => `<p property="recipeInstructions">${s}</p>`).join('') +
      '</div>',
  ],
  [
    'only words, with what stands around',
    '<html><head><title>Lantern stars</title><style>p{}</style></head><body><nav><a ' +
      'href="/">Home</a></nav><main><h1>Lantern ' +
      'stars</h1><h2>Ingredients</h2><ul>' +
      ingredients.map(i => `<li>${i}</li>`).join('') +
      '</ul><h2>Method</h2><ol>' +
      steps.map(s => `<li>${s}</li>`).join('') +
      '</ol></main><footer>500 ' +
      'g sugar from our shop</footer></body></html>',
  ],
  [
    'a table of words',
    '<body><h1>Lantern ' +
      'stars</h1><table>' +
      ingredients
        .map(
          i =>
            `<tr><td>${/^\d+ (?:g|tsp)?/.exec(i)![0]}</td>` +
            `<td>${i.replace(/^\d+ (?:g |tsp )?/, '')}</td></tr>`,
        )
        .join('') +
      '</table><h3>Method</h3>' +
      steps.map(s => `<p>${s}</p>`).join('') +
      '</body>',
  ],
]

describe('the same dessert in every legal shape', () => {
  test.each(shapes)('%s', (_, html) => {
    const { recipe } = readPage(html)
    expect(recipe.title).toBe('Lantern stars')
    expect(linesOf(recipe).map(l => [l.ingredient, Math.round(l.grams!.best)])).toEqual([
      ['plain-flour', 250],
      ['butter', 125],
      ['icing-sugar', 75],
      ['egg-yolk', expect.any(Number)],
      ['vanilla', expect.any(Number)],
    ])
    expect(recipe.components.flatMap(c => c.steps)).toEqual(steps)
    expect(recipe.oven).toMatchObject({ celsius: 180, minutes: { low: 12, high: 12 } })
  })
  test('of several the first is read and the others are named', () => {
    const html = script([
      { ...base, recipeInstructions: steps },
      { ...base, name: 'Glaze', recipeIngredient: ['100 g icing sugar', '2 tbsp water'] },
    ])
    expect(readPage(html)).toMatchObject({ others: ['Glaze'], recipe: { title: 'Lantern stars' } })
    const second = readPage(html, { which: 1 })
    expect([second.recipe.title, linesOf(second.recipe).length]).toEqual(['Glaze', 2])
    const file = readFile('page.html', html)
    expect(file.ok && file.readings.map(r => r.recipe.title)).toEqual(['Lantern stars', 'Glaze'])
  })
  test('headings within the list part it', () => {
    const { recipe } = readPage(
      script({
        ...base,
        recipeIngredient: [
          'For the dough:',
          ...ingredients,
          'For the glaze:',
          '100 g icing sugar',
          '1 Tbsp water',
        ],
        recipeInstructions: steps,
      }),
    )
    expect(recipe.components.map(c => [c.name, c.lines.length])).toEqual([
      ['dough', 5],
      ['glaze', 2],
    ])
  })
})

describe('hostile pages', () => {
  test('nothing of a script, a handler or an address is kept', () => {
    const html =
      '<html><body onload="alert(1)"><script>window.stolen = 1</script><img src=x ' +
      'onerror="alert(2)"><h1>Bun<script>alert(3)</script></h1><a ' +
      'href="javascript:alert(4)">200 g flour</a><p style="display:none">500 g ' +
      'arsenic</p><ul><li>50 g sugar</li></ul><iframe src="//x"></iframe></body></html>'
    const reading = readPage(html)
    expect(JSON.stringify(reading)).not.toMatch(/alert|stolen|javascript|onerror|arsenic|iframe/u)
    expect(linesOf(reading.recipe).map(l => l.ingredient)).toEqual(['plain-flour', 'sugar'])
  })
  test('markup inside linked data comes out as words', () => {
    const { recipe } = readPage(
      script({
        ...base,
        name: '<img src=x onerror=alert(1)>Stars &amp; moons',
        recipeIngredient: ['<b>200&nbsp;g</b> flour', '&frac12; tsp salt<script>alert(1)</script>'],
        recipeInstructions: ['Mix.'],
      }),
    )
    expect(recipe.title).toBe('Stars & moons')
    expect(linesOf(recipe).map(l => [l.ingredient, l.amount?.low])).toEqual([
      ['plain-flour', 200],
      ['salt', 0.5],
    ])
  })
  test.each([
    ['deep nesting of tags', '<div>'.repeat(50_000) + '200 g flour' + '</div>'.repeat(50_000)],
    ['deep nesting of data', script('['.repeat(20_000) + ']'.repeat(20_000))],
    [
      'things within things',
      script(
        '{"a":'.repeat(5000) +
          '{"@type":"Recipe","name":"Deep","recipeIngredient":["200 g flour"]}' +
          '}'.repeat(5000),
      ),
    ],
    [
      'a recipe that holds itself',
      script({
        '@graph': [
          {
            '@type': 'Recipe',
            '@id': '#r',
            'name': 'Loop',
            'recipeIngredient': ['200 g flour'],
            'recipeInstructions': { '@id': '#r' },
          },
        ],
      }),
    ],
    ['unclosed everything', '<html><body><ul><li>200 g flour<li>50 g sugar<p><table><tr><td>'],
    [
      'huge numbers',
      script({ ...base, recipeIngredient: ['9'.repeat(400) + ' g flour', '1e999 g sugar'] }),
    ],
    [
      'keys of the prototype',
      script(
        '{"@type":"Recipe","__proto__":{"polluted":true},' +
          '"constructor":{"prototype":{"polluted":true}},"name":"P","recipeIngredient":["200 g flour"]}',
      ),
    ],
    ['nothing', ''],
    ['only a script', '<script>for(;;){}</script>'],
  ])('%s gives a reading, and nothing throws', (_, html) => {
    const { recipe, findings } = readPage(html)
    expect(recipe.components).toBeDefined()
    expect(findings.length).toBeGreaterThan(0)
    expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  })
  test.each([
    ['empty.txt', '  ', 'empty'],
    ['card.pdf', '%PDF-1.7 …', 'binary'],
    ['x.bin', '\u0000\u0001\u0002'.repeat(50), 'binary'],
    ['house.json', '{"format":"ingwer-house","version":1}', 'house'],
    ['data.json', '{"a":1}', 'no-recipe'],
    ['broken.json', '{"a":', 'no-recipe'],
    ['story.txt', 'It was a dark night.', 'no-recipe'],
    ['large.html', `<p>${'x'.repeat(12_000_001)}`, 'too-large'],
  ])('%s is refused with a sentence (%#)', (name, content, code) => {
    const file = readFile(name, content)
    expect(file.ok ? '' : file.problem.code).toBe(code)
    expect(file.ok ? '' : file.problem.sentence).toContain(name)
  })
  test('twenty million characters are refused before they are read', () => {
    const file = readFile('big.txt', '200 g flour\n'.repeat(1_700_000))
    expect(file.ok ? '' : file.problem.code).toBe('too-large')
  })
})
