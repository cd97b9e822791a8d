/**
 * What carries traces in a home kitchen, and what helps. `steps` are words of a recipe's steps that bring the tool out; a row
 * without them always counts. `stage` is the order of the plan. [P] advice for kitchens that cook for allergic people.
 */
export interface ContactRow {
  readonly id: string
  readonly stage: 'order' | 'tools' | 'surfaces' | 'storage'
  readonly steps?: string
  readonly says: string
  readonly because: string
  readonly source: string
}

export const contactRows: readonly ContactRow[] = [
  {
    id: 'first',
    stage: 'order',
    says: 'Bake this one first today, before anything with what they avoid is opened.',
    because: 'what is not in the air and on the hands yet cannot travel',
    source: '[P]',
  },
  { id: 'hands', stage: 'order', says: 'Wash hands with soap, put on a clean apron, take a fresh dishcloth.', because: 'sanitiser gel does not take protein off', source: '[P]' },
  { id: 'packets', stage: 'order', says: 'Read every packet once more as you open it; the look-alike stands beside it.', because: 'makers change recipes', source: '[P]' },
  {
    id: 'wood',
    stage: 'tools',
    steps: '\\b(?:stir|mix|beat|cream|fold|spoon|paddle)\\w*\\b',
    says: 'Set wooden spoons aside; take metal or silicone, washed with soap and hot water.',
    because: 'wood holds traces',
    source: '[P]',
  },
  {
    id: 'sieve',
    stage: 'tools',
    steps: '\\b(?:sift|siev|strain|dust)\\w*\\b',
    says: 'A sieve of its own, or one that nothing with flour has gone through.',
    because: 'mesh cannot be washed clean of flour',
    source: '[P]',
  },
  {
    id: 'mixer',
    stage: 'tools',
    steps: '\\b(?:whisk|whip|beat|mixer|cream|peaks)\\w*\\b',
    says: 'Whisks and mixer: off the machine, washed, also where they plug in.',
    because: 'batter dries in the joints',
    source: '[P]',
  },
  {
    id: 'processor',
    stage: 'tools',
    steps: '\\b(?:process|blend|blitz|pulse|grind|chop|mill)\\w*\\b',
    says: 'Processor, blender and grinder: take the blade and seal out and wash them.',
    because: 'nut meal sits under the seal',
    source: '[P]',
  },
  {
    id: 'toaster',
    stage: 'tools',
    steps: '\\b(?:toast(?:s|er|ed|ing)?)\\b',
    says: 'Toast on fresh paper in the oven or in a scrubbed dry pan, never in the bread toaster.',
    because: 'a toaster is full of other people’s crumbs',
    source: '[P]',
  },
  {
    id: 'board',
    stage: 'tools',
    steps: '\\b(?:chop|slice|cut|halve|quarter|dice|shred|core|stone|pit)\\w*\\b',
    says: 'Board and knife of glass, metal or plastic, washed with soap: not the wooden bread board.',
    because: 'cuts in wood hold crumbs',
    source: '[P]',
  },
  {
    id: 'cutter',
    stage: 'tools',
    steps: '\\b(?:cutters?|cut\\s+out|stamp\\s+out|mou?lds?)\\b',
    says: 'Cutters and moulds soaked and brushed in their corners.',
    because: 'dough dries in the corners',
    source: '[P]',
  },
  {
    id: 'mortar',
    stage: 'tools',
    steps: '\\b(?:mortar|pestle|pound|crush|bash)\\w*\\b',
    says: 'Crush in a fresh bag with a washed pin, not in the mortar of nuts and spices.',
    because: 'rough stone cannot be washed clean',
    source: '[P]',
  },
  {
    id: 'saucepan',
    stage: 'tools',
    steps: '\\b(?:saucepan|simmer|boil|melt|heat\\s+the\\s+(?:milk|cream|butter|oil)|over\\s+(?:a\\s+)?(?:low|medium|gentle|high)\\s+heat)\\w*\\b',
    says: 'Pan, lid and jug washed, also under the handle and the rim.',
    because: 'milk and custard burn on there',
    source: '[P]',
  },
  {
    id: 'frying',
    stage: 'tools',
    steps: '\\b(?:fry|fries|fried|frying|deep[-\\s]?fr\\w+|griddle|waffle\\s+iron)\\b',
    says: 'Fresh oil and a clean pan; no griddle or waffle iron that others were baked on.',
    because: 'used fat and seasoned iron carry what was in them',
    source: '[P]',
  },
  {
    id: 'churn',
    stage: 'tools',
    steps: '\\b(?:churn|ice[-\\s]cream\\s+(?:maker|machine))\\w*\\b',
    says: 'The ice-cream maker taken apart: bowl, paddle, seal and spout.',
    because: 'cream sits in the seal',
    source: '[P]',
  },
  {
    id: 'beans',
    stage: 'tools',
    steps: '\\b(?:blind|baking\\s+beans|ceramic\\s+beans)\\b',
    says: 'Baking beans on a double layer of fresh paper, or fresh rice.',
    because: 'beans have lain on other cases',
    source: '[P]',
  },
  { id: 'thermometer', stage: 'tools', steps: '\\b(?:thermometer|probe)\\b', says: 'Thermometer and probe wiped with soap before each dip.', because: 'it goes from pot to pot', source: '[P]' },
  {
    id: 'spatula',
    stage: 'tools',
    steps: '\\b(?:fold|scrape|spread|spatula|smooth)\\w*\\b',
    says: 'Spatula off its handle and washed; a fresh one if it is cracked.',
    because: 'batter creeps into the joint',
    source: '[P]',
  },
  { id: 'grater', stage: 'tools', steps: '\\b(?:grate|zest)\\w*\\b', says: 'Grater: brushed under hot water with soap.', because: 'cheese and chocolate stay in it', source: '[P]' },
  { id: 'piping', stage: 'tools', steps: '\\b(?:pip(?:e|ed|ing)|nozzle)\\b', says: 'A fresh piping bag, the nozzle boiled out.', because: 'cream dries in the tip', source: '[P]' },
  { id: 'rolling', stage: 'tools', steps: '\\b(?:roll\\w*\\s+(?:out|the)|rolling|knead\\w*)\\b', says: 'Roll between sheets of fresh paper.', because: 'board and pin hold flour', source: '[P]' },
  {
    id: 'tin',
    stage: 'tools',
    steps: '\\b(?:tin|pan|mould|ramekin|cups?|cases|tray|sheet|mat|grease|line)\\w*\\b',
    says: 'Tin and tray scrubbed and lined with fresh paper, not a used mat; grease with the fat of this recipe, dust with its flour or with none.',
    because: 'seams and mats hold the last bake; sprays and dusting flour bring things of their own',
    source: '[P]',
  },
  { id: 'brush', stage: 'tools', steps: '\\b(?:brush|glaze|egg[-\\s]?wash)\\w*\\b', says: 'A new pastry brush, or a spoon.', because: 'bristles hold egg', source: '[P]' },
  { id: 'sugar', stage: 'surfaces', says: 'No shared sugar, flour or bulk bins: take from a fresh packet with a clean spoon.', because: 'other people’s scoops have been in it', source: '[P]' },
  {
    id: 'table',
    stage: 'surfaces',
    says: 'Wipe the table with soap and water, rinse, dry with paper; nothing with flour dust in the room for half an hour before.',
    because: 'dust settles',
    source: '[P]',
  },
  {
    id: 'oven',
    stage: 'surfaces',
    steps: '\\b(?:bake|oven)\\w*\\b',
    says: 'In the oven alone, or on the shelf above the others; no fan of crumbs from below.',
    because: 'what spills falls down',
    source: '[P]',
  },
  { id: 'cool', stage: 'storage', steps: '\\b(?:cool|rack|wire)\\w*\\b', says: 'Cool on a washed rack with paper under it, away from the others.', because: 'racks are forgotten', source: '[P]' },
  {
    id: 'cover',
    stage: 'storage',
    says: 'Cover it, label it with the card, keep it on the top shelf, with its own knife and slice.',
    because: 'the last trace comes with the cake knife',
    source: '[P]',
  },
]
