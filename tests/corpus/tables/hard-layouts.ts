/**
 * One recipe in the layouts and markups in which recipes come: every one has to be read as the same
 * seven lines, four steps and facts. Some are text, some the source of a page.
 */
export interface HardLayout {
  readonly name: string
  readonly source: string
  readonly page?: boolean
  /** Spoken, every sentence is a step. */
  readonly steps?: number
}

const title = 'Plain plum cake'
const lines = ['150 g soft butter', '150 g caster sugar', '3 eggs', '200 g plain flour', '2 tsp baking powder', '400 g plums, halved', '1 tbsp demerara sugar']
const steps = [
  'Heat the oven to 180 °C. Butter a 23 cm round tin.',
  'Beat the butter and caster sugar until pale. Beat in the eggs, one at a time.',
  'Fold in the flour and baking powder and spread in the tin.',
  'Press in the plums, sprinkle with the demerara sugar and bake for 40–45 minutes.',
]
const makes = 'Serves 8'

export const layoutExpected = {
  title,
  lines: 7,
  steps: 4,
  celsius: 180,
  minutes: [40, 45],
  pan: '23 cm round tin',
  makes: 8,
  ingredients: ['butter', 'sugar', 'egg', 'plain-flour', 'baking-powder', 'plum', 'demerara-sugar'],
} as const

const list = (mark: string, of = lines) => of.map(l => `${mark}${l}`).join('\n')
const numbered = (mark: (n: number) => string, of = steps) => of.map((s, i) => `${mark(i + 1)}${s}`).join('\n')
const layout = (name: string, source: string): HardLayout => ({ name, source })
const page = (name: string, body: string, head = ''): HardLayout => ({ name, page: true, source: `<!doctype html><html><head><title>${title}</title>${head}</head><body>${body}</body></html>` })
const ld = (data: object) => `<script type="application/ld+json">${JSON.stringify(data)}</script>`
const recipe = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  'name': title,
  'recipeYield': '8 servings',
  'recipeIngredient': lines,
  'recipeInstructions': steps.map(text => ({ '@type': 'HowToStep', text })),
}
const cells = lines.map(l => /^(\d+(?: (?:g|tsp|tbsp))?) (.*)$/u.exec(l)!.slice(1) as [string, string])

export const hardLayouts: readonly HardLayout[] = [
  layout('headings', `${title}\n${makes}\n\nIngredients\n${list('')}\n\nMethod\n${numbered(() => '')}`),
  layout('no method heading', `${title}\n${makes}\n\n${list('')}\n\n${numbered(() => '')}`),
  layout('numbered steps, no heading', `${title}\n${makes}\n\n${list('')}\n\n${numbered(n => `${n}. `)}`),
  layout('numbers with brackets', `${title}\n\n${makes}\n\n${list('- ')}\n\n${numbered(n => `${n}) `)}`),
  layout('step words', `${title}\n${makes}\n\nIngredients:\n${list('• ')}\n\nDirections:\n${numbered(n => `Step ${n}: `)}`),
  layout('step words on lines of their own', `${title}\n${makes}\n\nIngredients\n${list('')}\n\nInstructions\n${steps.map((s, i) => `Step ${i + 1}\n${s}`).join('\n')}`),
  layout('numbers on lines of their own', `${title}\n${makes}\n\n${list('')}\n\nMethod\n${steps.map((s, i) => `${i + 1}\n${s}`).join('\n')}`),
  layout('capital headings', `${title.toUpperCase()}\n\n${makes.toUpperCase()}\n\nINGREDIENTS\n${list('')}\n\nMETHOD\n${numbered(n => `${n}. `)}`),
  layout('capital lines', `${title}\n${makes}\n\nINGREDIENTS\n${lines.map(l => l.toUpperCase()).join('\n')}\n\nMETHOD\n${numbered(n => `${n}. `)}`),
  layout('markdown', `# ${title}\n\n*${makes}*\n\n## Ingredients\n\n${list('- ')}\n\n## Method\n\n${numbered(n => `${n}. `)}`),
  layout(
    'markdown, bold amounts',
    `# ${title}\n\n**${makes}**\n\n### Ingredients\n${lines.map(l => `* ${l.replace(/^(\d+(?: (?:g|tsp|tbsp))?)/u, '**$1**')}`).join('\n')}\n\n### Method\n${numbered(n => `${n}. `)}`,
  ),
  layout('bold lines', `**${title}**\n\n${makes}\n\n**Ingredients**\n${lines.map(l => `**${l}**`).join('\n')}\n\n**Method**\n${numbered(n => `${n}. `)}`),
  layout('tick boxes', `${title}\n${makes}\nIngredients\n${list('☐ ')}\nMethod\n${numbered(n => `${n}. `)}`),
  layout('blank lines between', `${title}\n\n${makes}\n\nIngredients\n\n${lines.join('\n\n')}\n\nMethod\n\n${steps.join('\n\n')}`),
  layout('windows line ends', `${title}\r\n${makes}\r\n\r\nIngredients\r\n${lines.join('\r\n')}\r\n\r\nMethod\r\n${steps.join('\r\n')}`),
  layout('no-break blanks', `${title}\n${makes}\n\nIngredients\n${lines.map(l => l.replaceAll(' ', ' ')).join('\n')}\n\nMethod\n${numbered(() => '')}`),
  layout('emoji', `🍰 ${title} 🍰\n\n👥 ${makes}\n\n🛒 Ingredients\n${list('🔸 ')}\n\n👩‍🍳 Method\n${steps.map((s, i) => `${i + 1}️⃣ ${s}`).join('\n')}`),
  layout('one-line list', `${title}\n${makes}\n\nIngredients: ${lines.filter(l => !l.includes(',')).join(', ')}, 400 g plums\n\nMethod:\n${numbered(() => '')}`),
  layout('caption', `${title} 🍰 ${makes}. You need: ${lines.map(l => l.replace(',', '')).join(', ')}. ${steps.map((s, i) => `${i + 1}. ${s}`).join(' ')} #cake #plums #baking`),
  layout('caption with lines', `${title}! So good\n${makes}\n\n${list('▪️ ')}\n\n${steps.join('\n')}\n\n#cake #plums`),
  layout('amounts behind', `${title}\n${makes}\n\nIngredients\n${cells.map(([a, n]) => `${n.split(',')[0]} - ${a}`).join('\n')}\n\nMethod\n${numbered(() => '')}`),
  layout('amounts on lines of their own', `${title}\n${makes}\n\nIngredients\n${cells.map(([a, n]) => `${a}\n${n}`).join('\n')}\n\nMethod\n${numbered(() => '')}`),
  layout('a table in text', `${title}\n${makes}\n\nIngredients\n${cells.map(([a, n]) => `${a}\t${n}`).join('\n')}\n\nMethod\n${numbered(() => '')}`),
  layout('a pipe table', `${title}\n\n${makes}\n\n| Amount | Ingredient |\n|---|---|\n${cells.map(([a, n]) => `| ${a} | ${n} |`).join('\n')}\n\n## Method\n${numbered(n => `${n}. `)}`),
  layout('two columns', `${title}\n${makes}\n\n${lines.map((l, i) => `${l.padEnd(36)}${steps[i] ?? ''}`).join('\n')}`),
  layout(
    'two unit lists',
    `${title}\n${makes}\n\nMetric\n${list('')}\n\nUS\n2/3 cup soft butter\n3/4 cup caster sugar\n3 eggs\n1 2/3 cups plain flour\n2 tsp baking powder\n14 oz plums, halved\n1 tbsp demerara sugar\n\nMethod\n${numbered(n => `${n}. `)}`,
  ),
  layout(
    'prose before',
    `${title}\n\nMy neighbour brought me a bag of plums last week and the cake was gone by evening. It keeps well and is even better the next day.\n\n${makes}\n\nIngredients\n${list('')}\n\nMethod\n${numbered(n => `${n}. `)}`,
  ),
  layout('notes behind', `${title}\n${makes}\n\nIngredients\n${list('')}\n\nMethod\n${numbered(n => `${n}. `)}\n\nNotes\nKeeps for 3 days in a tin. Freezes well.`),
  layout(
    'page headers',
    `Family recipes                                   page 12\n\n${title}\n${makes}\n\nIngredients\n${list('')}\n\nFamily recipes                                   page 13\n\nMethod\n${numbered(n => `${n}. `)}`,
  ),
  layout(
    'jump links',
    `Skip to content\nJump to recipe\nPrint\nSave\n\n${title}\n${makes}\nPrep time: 20 mins\nTotal time: 1 hr 5 mins\n\nIngredients\n1x 2x 3x\n${list('▢ ')}\n\nInstructions\n${numbered(n => `${n}. `)}\n\nShare this\nLeave a comment`,
  ),
  layout('broken lines', `${title}\n${makes}\n\nIngredients\n${list('')}\n\nMethod\n${steps.map(s => s.replace(/^(.{42,}?\p{L})\s(?=\p{Ll})/u, '$1\n')).join('\n')}`),
  layout('indented', `    ${title}\n    ${makes}\n\n    Ingredients\n${list('      ')}\n\n    Method\n${numbered(n => `      ${n}. `)}`),
  { steps: 6, ...layout('dictation', `${title}. ${makes.toLowerCase()}. you need ${lines.map(l => l.replace(/,.*/u, '')).join(' and ')}. ${steps.map(s => s.toLowerCase()).join(' ')}`) },
  page('lists', `<h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2><ul>${lines.map(l => `<li>${l}</li>`).join('')}</ul><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>`),
  page('linked data', '<p>nothing here</p>', ld(recipe)),
  page('linked data in a graph', '<p>nothing here</p>', ld({ '@context': 'https://schema.org', '@graph': [{ '@type': 'WebPage', 'name': title }, recipe] })),
  page('linked data in a list, type as a list', '<p>nothing</p>', ld([{ '@type': 'Organization' }, { ...recipe, '@type': ['Recipe', 'NewsArticle'] }] as never)),
  page('sections', '<p>nothing</p>', ld({ ...recipe, recipeInstructions: [{ '@type': 'HowToSection', 'name': 'Cake', 'itemListElement': steps.map(text => ({ '@type': 'HowToStep', text })) }] })),
  page(
    'an item list of steps',
    '<p>nothing</p>',
    ld({ ...recipe, recipeInstructions: { '@type': 'ItemList', 'itemListElement': steps.map((text, i) => ({ '@type': 'ListItem', 'position': i + 1, 'item': { '@type': 'HowToStep', text } })) } }),
  ),
  page('steps in one string', '<p>nothing</p>', ld({ ...recipe, recipeInstructions: steps.map((s, i) => `${i + 1}. ${s}`).join('\n') })),
  page('steps in one HTML string', '<p>nothing</p>', ld({ ...recipe, recipeInstructions: `<ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>` })),
  page('ingredients in one string', '<p>nothing</p>', ld({ ...recipe, recipeIngredient: lines.join('\n') })),
  page('the old name of ingredients', '<p>nothing</p>', ld({ ...recipe, recipeIngredient: undefined, ingredients: lines })),
  page('ingredients as things', '<p>nothing</p>', ld({ ...recipe, recipeIngredient: lines.map(l => ({ '@type': 'PropertyValue', 'name': l })) })),
  page('inside main entity', '<p>nothing</p>', ld({ '@type': 'WebPage', 'mainEntity': recipe })),
  page('entities in linked data', '<p>nothing</p>', ld({ ...recipe, recipeIngredient: lines.map(l => l.replace('plums, halved', 'plums&#44; halved')) })),
  page(
    'broken linked data',
    `<h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2><ul>${lines.map(l => `<li>${l}</li>`).join('')}</ul><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>`,
    `<script type="application/ld+json">{"@type":"Recipe","name":"${title}","recipeIngredient":["150 g soft but</script>`,
  ),
  page(
    'linked data without steps',
    `<h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2><ul>${lines.map(l => `<li>${l}</li>`).join('')}</ul><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>`,
    ld({ ...recipe, recipeInstructions: undefined }),
  ),
  page(
    'a table',
    `<h1>${title}</h1><p>${makes}</p><table>${cells.map(([a, n]) => `<tr><td>${a}</td><td>${n}</td></tr>`).join('')}</table><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>`,
  ),
  page(
    'a definition list',
    `<h1>${title}</h1><p>${makes}</p><dl>${cells.map(([a, n]) => `<dt>${n}</dt><dd>${a}</dd>`).join('')}</dl><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol>`,
  ),
  page(
    'rows of div and span',
    `<h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2>${cells.map(([a, n]) => `<div class="row"><span>${a}</span> <span>${n}</span></div>`).join('')}<h2>Method</h2>${steps.map(s => `<div>${s}</div>`).join('')}`,
  ),
  page(
    'amount and name in divs',
    `<h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2>${cells.map(([a, n]) => `<div class="row"><div>${a}</div><div>${n}</div></div>`).join('')}<h2>Method</h2>${steps.map(s => `<p>${s}</p>`).join('')}`,
  ),
  page('line breaks', `<h1>${title}</h1><p>${makes}</p><p><b>Ingredients</b><br>${lines.join('<br>')}</p><p><b>Method</b><br>${steps.join('<br>')}</p>`),
  page(
    'microdata',
    `<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">${title}</h1><span itemprop="recipeYield">${makes}</span>${lines.map(l => `<li itemprop="recipeIngredient">${l}</li>`).join('')}<ol itemprop="recipeInstructions">${steps.map(s => `<li>${s}</li>`).join('')}</ol></div>`,
  ),
  page(
    'labels and check boxes',
    `<h1>${title}</h1><p>${makes}</p><h3>Ingredients</h3><ul>${lines.map((l, i) => `<li><input type="checkbox" id="i${i}"><label for="i${i}">${l}</label></li>`).join('')}</ul><h3>Method</h3><ol>${steps.map(s => `<li><p>${s}</p></li>`).join('')}</ol>`,
  ),
  page(
    'menus around',
    `<nav><ul><li>Home</li><li>Cakes</li><li>Biscuits</li></ul></nav><main><h1>${title}</h1><p>${makes}</p><h2>Ingredients</h2><ul>${lines.map(l => `<li>${l}</li>`).join('')}</ul><h2>Method</h2><ol>${steps.map(s => `<li>${s}</li>`).join('')}</ol></main><aside><h3>More to bake</h3><ul><li>Walnut loaf</li><li>Cherry buns</li></ul></aside><footer>About us</footer>`,
  ),
]
