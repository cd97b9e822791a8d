/**
 * Additives by number. Those that bring something, always or in some makes, are named; the others that the law lists are
 * known to bring none of it. Sources: [L] Regulation 1333/2008 Annex II (which numbers there are), as remembered; what
 * they are made of: [P] lists of vegan and allergy advice, [M].
 */
export interface NumberRow {
  readonly numbers: string
  readonly name: string
  readonly holds?: string
  readonly open?: string
  readonly source: string
}

export const numberRows: readonly NumberRow[] = [
  { numbers: '120', name: 'carmine', holds: 'insect-colour', source: '[P]' },
  { numbers: '161b', name: 'lutein', open: 'egg', source: '[M]' },
  { numbers: '220-228', name: 'sulphites', holds: 'sulphite', source: '[L]' },
  { numbers: '150b 150d', name: 'sulphite caramel', open: 'sulphite', source: '[P]' },
  { numbers: '234', name: 'nisin', open: 'milk', source: '[M] grown on whey' },
  { numbers: '235', name: 'natamycin', source: '[M]' },
  { numbers: '322', name: 'lecithins', open: 'soy egg', source: '[P]' },
  { numbers: '426', name: 'soybean hemicellulose', holds: 'soy', source: '[P]' },
  { numbers: '441 428', name: 'gelatine', holds: 'gelatine', source: '[P]' },
  { numbers: '422', name: 'glycerol', open: 'animal-fat', source: '[P]' },
  { numbers: '430-436', name: 'polyoxyethylene esters', open: 'animal-fat', source: '[P]' },
  { numbers: '470-475 477-479', name: 'esters of fatty acids', open: 'animal-fat', source: '[P]' },
  { numbers: '481-483', name: 'stearoyl lactylates', open: 'animal-fat', source: '[P]' },
  { numbers: '491-495', name: 'sorbitan esters', open: 'animal-fat', source: '[P]' },
  { numbers: '542', name: 'bone phosphate', holds: 'animal-other', source: '[P]' },
  { numbers: '570-573', name: 'fatty acids and stearates', open: 'animal-fat', source: '[P]' },
  { numbers: '631 627 635 640', name: 'ribonucleotides and glycine', open: 'fish animal-other', source: '[P]' },
  { numbers: '901', name: 'beeswax', holds: 'beeswax', source: '[P]' },
  { numbers: '904', name: 'shellac', holds: 'insect-colour', source: '[P]' },
  { numbers: '910 920 921', name: 'L-cysteine', holds: 'animal-other', source: '[P]' },
  { numbers: '966', name: 'lactitol', open: 'milk', source: '[P] made of milk sugar; exempt in the EU [L]' },
  { numbers: '1000', name: 'cholic acid', holds: 'animal-other', source: '[M]' },
  { numbers: '1105', name: 'lysozyme', holds: 'egg', source: '[L]' },
  { numbers: '1404 1410-1452', name: 'modified starches', open: 'wheat', source: '[P]; the law of the EU asks to name wheat' },
  { numbers: '1400-1403', name: 'dextrins and treated starches', open: 'wheat', source: '[P]' },
  { numbers: '1510', name: 'ethanol', holds: 'alcohol', source: '[P]' },
  { numbers: '1517-1518', name: 'glyceryl acetates', open: 'animal-fat', source: '[M]' },
  {
    numbers:
      '100-119 121-161 162-182 200-219 229-233 236-297 300-321 323-425 427 429 440 442-469 476 480 484-490 496-541 543-569 574-626 628-630 632-634 636-639 641-650 900 902-903 905-909 912-919 922-965 967-999 1001-1104 1106-1209 1501-1509 1519-1525',
    name: 'additive',
    source: '[L]',
  },
]
