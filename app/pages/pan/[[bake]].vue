<script setup lang="ts">
import { areaAt, brimful, wetted, type NamedTin, type Sizing, type SizeTarget } from '#core/pan'
import { plannedRecipe } from '#core/share'

const { missing, opened } = useBake()
const current = useCurrentBake()
const safety = useSafety()
const sizes = useSize()
const house = useHouseStore()
const takeBack = useTakeBack()
const bake = computed(() => current.bake)
useHead({ title: () => `Pan: ${bake.value?.title ?? ''}` })

const recipe = computed(() => bake.value && plannedRecipe(bake.value))
const size = computed<Sizing>(
  () => bake.value?.size ?? { target: { by: 'times', times: 1 }, tins: [] },
)
const up = computed(() => sizes.sized)
watch(
  () => [
    bake.value?.id,
    bake.value?.size,
    bake.value?.plan,
    bake.value?.recipe,
    bake.value?.wishes.family,
    house.kitchen,
    house.measureIn,
  ],
  () => {
    if (bake.value) void sizes.sizeUp()
  },
  { immediate: true },
)

const say = (change: Partial<Sizing>) => current.resize({ ...size.value, ...change })
const target = (to: SizeTarget) => say({ target: to })
/** A test has cups of its own; a recipe that is sized by its tin needs one. */
const tins = (chosen: readonly NamedTin[]) =>
  say({
    tins: chosen,
    ...(!chosen.length && size.value.target.by === 'tin'
      ? { target: { by: 'times' as const, times: 1 } }
      : {}),
  })
const stated = computed((): NamedTin | null =>
  up.value?.stated
    ? {
        ...up.value.stated,
        id: 'stated',
        name: size.value.stated?.name ?? up.value.reading?.text ?? 'a tray',
        source: 'the recipe',
      }
    : null,
)

const looked = ref(0)
const at = computed(() => up.value?.tins[looked.value] ?? up.value?.tins[0] ?? null)
const isFlat = computed(
  () => !at.value || at.value.tin.shape === 'tray' || Boolean(up.value?.pieces),
)

/** What depth and time rest on. */
const figures = computed(() => {
  const filling = at.value?.filling
  const batter = up.value?.batter
  if (!filling || !batter) return null
  const { tin, depth } = filling
  const round = (n: number) => Math.round(n).toLocaleString('en')
  return [
    {
      name: 'to the brim',
      says: `${round(brimful(tin))} ml${tin.measured ? ', measured with water' : ''}`,
    },
    { name: 'ground', says: `${round(areaAt(tin, 0))} cm²` },
    {
      name: 'wetted by the batter',
      says: `${round(wetted(tin, Math.min(depth, tin.height)))} cm²`,
    },
    {
      name: 'full',
      says: `${Math.round(100 * filling.full)} %, usual for it ${Math.round(100 * batter.row.fill)} %`,
    },
    {
      name: 'density',
      says:
        `${(Math.round(100 * batter.density) / 100).toLocaleString('en')} g/ml ` +
        `${size.value.said?.density ? 'as you weighed it' : batter.row.source}`,
    },
    { name: 'water in it', says: `${Math.round(100 * batter.water)} %` },
    ...(at.value?.time.ok && at.value.time.scale !== null
      ? [
          {
            name: 'oven’s side, fitted',
            says: `${at.value.time.scale.toFixed(2)}; ordinary recipes 0.49–0.89`,
          },
        ]
      : []),
  ]
})

const editing = ref<{ readonly tin: NamedTin | null; readonly what: 'own' | 'stated' } | null>(null)
async function keepTin(tin: NamedTin) {
  const what = editing.value?.what
  editing.value = null
  if (what === 'stated') {
    await say({ stated: { ...tin, id: 'stated' } })
    return
  }
  await house.keepKitchen({
    ...house.kitchen,
    tins: [...house.kitchen.tins.filter(t => t.id !== tin.id), tin],
  })
  const there = size.value.tins.some(t => t.id === tin.id)
  await say({
    tins: there
      ? size.value.tins.map(t =>
          t.id === tin.id ? { ...tin, count: t.shape === 'cups' ? tin.count : t.count } : t,
        )
      : [tin],
  })
}
async function dropTin(tin: NamedTin) {
  const back = await house.keepKitchen({
    ...house.kitchen,
    tins: house.kitchen.tins.filter(t => t.id !== tin.id),
  })
  takeBack(`“${tin.name}” is thrown away; this bake keeps it.`, 'Bring it back', back)
}

const wrong = ref('')
function number(
  given: string,
  low: number,
  high: number,
  what: string,
  use: (n: number | undefined) => void,
) {
  const n = readDecimal(given)
  if (n === null) {
    wrong.value = ''
    use(undefined)
    return
  }
  if (!Number.isFinite(n) || n < low || n > high) {
    wrong.value = `“${given}” is no ${what}: from ${low} to ${high}.`
    return
  }
  wrong.value = ''
  use(n)
}
const value = (event: Event) => (event.target as HTMLInputElement).value
const ovenIsOff = (degrees: number) =>
  degrees ? `, ${Math.abs(degrees)} °C ${degrees > 0 ? 'hotter' : 'cooler'} than it says` : ''
const statedTime = computed(() => {
  const m = size.value.statedMinutes ?? up.value?.bake?.minutes
  return m ? (m[0] === m[1] ? String(m[0]) : `${m[0]}–${m[1]}`) : ''
})
function sayTime(given: string) {
  if (!given.trim()) {
    wrong.value = ''
    void say({ statedMinutes: undefined })
    return
  }
  const found =
    /^\s*(\d+(?:[.,]\d+)?)\s*(?:(?:[-–]|to)\s*(\d+(?:[.,]\d+)?))?\s*(?:min\w*)?\s*$/u.exec(given)
  const [low, high] = found
    ? [readDecimal(found[1]!)!, readDecimal(found[2] ?? found[1]!)!]
    : [0, 0]
  if (!(low > 0 && high >= low && high <= 1440)) {
    wrong.value = `“${given}” is no bake time: minutes, as 40 or 40–45.`
    return
  }
  wrong.value = ''
  void say({ statedMinutes: [low, high] })
}
const beside = (component: string, is: boolean) =>
  say({ said: { ...size.value.said, beside: { ...size.value.said?.beside, [component]: is } } })
const cutBy = (by: 'count' | 'side', given: string) =>
  number(
    given,
    by === 'count' ? 1 : 0.5,
    by === 'count' ? 200 : 40,
    by === 'count' ? 'number of pieces' : 'side in cm',
    n =>
      void say({
        cut: n === undefined ? undefined : { by, n: by === 'count' ? Math.round(n) : n },
      }),
  )
async function took(minutes: number, expected: number) {
  if (!bake.value || !up.value) return
  const note = {
    on: today(),
    bake: bake.value.id,
    title: bake.value.title,
    celsius: up.value.bake?.celsius ?? 175,
    expected,
    took: minutes,
  }
  const back = await house.keepKitchen({
    ...house.kitchen,
    oven: { ...house.kitchen.oven, log: [...house.kitchen.oven.log.slice(-199), note] },
  })
  takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
}
const addLine = (text: string) =>
  bake.value?.recipe.components[0] &&
  current.edit({ do: 'add', component: bake.value.recipe.components[0].name, text })
const isTray = computed(() => up.value?.pieces)
const starts = [
  { value: 20, says: 'at room warmth' },
  { value: 5, says: 'from the fridge' },
  { value: 35, says: 'warm' },
]
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake && recipe" class="page" :aria-busy="sizes.sizing || !up">
    <BenchBar />
    <h1 class="sr-only">How large, and in what</h1>
    <p v-if="!up" class="soft" role="status">Measuring the tin …</p>
    <div v-else class="grid">
      <section class="sheet part" aria-labelledby="much">
        <h2 id="much">How much of it</h2>
        <SizeBar
          :recipe="recipe"
          :target="size.target"
          :problem="up.problem?.sentence ?? ''"
          :counts="up.counts"
          @size="target"
        />
      </section>

      <TinForm
        v-if="editing"
        class="part"
        :tin="editing.tin"
        :heading="
          editing.what === 'stated'
            ? 'What the recipe is baked in'
            : editing.tin
              ? `Your tin: ${editing.tin.name}`
              : 'A tin of your own'
        "
        @keep="keepTin"
        @leave="editing = null"
      />
      <section v-else class="sheet part" aria-labelledby="what">
        <h2 id="what">In what</h2>
        <TinShelf
          :chosen="size.tins"
          :stated="stated"
          :own="house.kitchen.tins"
          :assumed="size.stated ? [] : (up.reading?.assumed ?? [])"
          @tins="tins"
          @edit="tin => (editing = { tin, what: 'own' })"
          @state="editing = { tin: stated, what: 'stated' }"
          @drop="dropTin"
        />
      </section>

      <aside class="side">
        <div v-if="up.tins.length > 1" class="tabs" role="group" aria-label="Tin">
          <button
            v-for="(tin, i) in up.tins"
            :key="tin.name"
            type="button"
            class="tab"
            :aria-pressed="i === looked"
            @click="looked = i"
          >
            {{ tin.name }}
          </button>
        </div>
        <section v-if="at && up.batter" class="picture" aria-label="In the tin">
          <p class="holds">
            <b>{{ at.name }}</b>
          </p>
          <TinCut v-if="!isFlat" :filling="at.filling" :name="at.name" />
          <p v-if="!isFlat" class="tiny">
            {{ Math.round(up.batter.grams) }} g of
            {{ up.batter.familyName.split(' or ')[0] }} batter, about
            {{ Math.round(up.batter.ml) }} ml<template
              v-if="at.filling.tin.count > 1 || up.tins.length > 1"
              >; <b>{{ Math.round(at.gramsEach) }} g in each</b
              >{{ at.filling.tin.shape === 'cups' ? ', to top up evenly' : '' }}</template
            >.
          </p>
          <details v-if="!isFlat && figures" class="figures">
            <summary>The figures</summary>
            <dl>
              <template v-for="row in figures" :key="row.name"
                ><dt>{{ row.name }}</dt>
                <dd>{{ row.says }}</dd></template
              >
            </dl>
          </details>
          <PieceDrawing v-if="isFlat" :pieces="up.pieces" :cut="up.cut" :tin="at.tin" />
          <p v-if="up.pieces && up.pieces.loads > 1" class="tiny">
            Portion the next tray three minutes before the oven is free.
          </p>
        </section>
        <p v-else-if="!up.batter" class="misfit">
          No line of this has a weight, so nothing can be said of depth or time. Amounts are put in
          at the recipe.
        </p>
        <p v-else class="misfit">The recipe names no tin. Choose one, and depth and time follow.</p>
        <BakeTimes v-if="at" :up="up" :at="at" :working="sizes.sizing" @took="took" />
        <section v-if="!isFlat && up.cut && at" aria-labelledby="cut">
          <h2 id="cut">Cutting it</h2>
          <PieceDrawing :pieces="null" :cut="up.cut" :tin="at.tin" />
        </section>
      </aside>

      <section class="sheet part" aria-label="Amounts">
        <SizedAmounts
          :up="up"
          :of="bake.plan ? `the ${bake.plan.title.toLowerCase()} plan` : 'the recipe as written'"
          @size="target"
        />
        <p
          v-if="!bake.plan && safety.check?.people.some(p => p.verdict === 'conflict')"
          class="misfit"
        >
          Somebody at the table cannot eat it as written, and no plan is chosen.
          <NuxtLink :to="`/swap/${bake.id}`" class="link">Work out a version</NuxtLink>
        </p>
      </section>

      <section class="sheet part" aria-labelledby="ready">
        <h2 id="ready">Making the tin ready</h2>
        <p>{{ up.liner?.says }}</p>
        <p v-if="up.liner?.missing" class="tiny">
          No line of the recipe greases it, and what is put on a tin is eaten too.
          <button type="button" class="link" @click="addLine(up.liner.missing)">
            Add “{{ up.liner.missing }}” to the recipe</button
          >, so that it is checked.
        </p>
        <ul v-if="up.remarks.length" class="plain soft">
          <li v-for="text in up.remarks" :key="text">{{ text }}</li>
        </ul>
      </section>

      <details class="sheet part tool">
        <summary>
          <h2>Put it right</h2>
          <span class="soft"
            >stated time, heat, warmth, density, what lies in the tin, cutting</span
          >
        </summary>
        <div class="fields">
          <label
            >The recipe’s own time
            <span class="unit"
              ><TypedField :shown="statedTime" placeholder="40–45" @typed="sayTime($event)" />
              min</span
            ></label
          >
          <label
            >Heat, still
            <span class="unit"
              ><TypedField
                inputmode="decimal"
                :shown="size.celsius ?? up.bake?.celsius ?? ''"
                @typed="number($event, 60, 300, 'oven heat in °C', n => say({ celsius: n }))"
              />
              °C</span
            ></label
          >
          <label
            >The batter goes in
            <select
              class="input"
              :value="size.start ?? 20"
              @change="
                say({ start: Number(value($event)) === 20 ? undefined : Number(value($event)) })
              "
            >
              <option v-for="s in starts" :key="s.value" :value="s.value">{{ s.says }}</option>
            </select></label
          >
          <label
            >250 ml of batter weigh
            <span class="unit"
              ><TypedField
                inputmode="decimal"
                :shown="Math.round(250 * (size.said?.density ?? up.batter?.density ?? 1))"
                @typed="
                  number($event, 40, 500, 'weight of 250 ml of batter', n =>
                    say({ said: { ...size.said, density: n === undefined ? undefined : n / 250 } }),
                  )
                "
              />
              g</span
            ></label
          >
          <label v-if="isTray"
            >A piece of dough
            <span class="unit"
              ><TypedField
                inputmode="decimal"
                :shown="Math.round(up.pieces!.grams)"
                @typed="
                  number($event, 1, 5000, 'weight of a piece in g', n => say({ pieceGrams: n }))
                "
              />
              g</span
            ></label
          >
          <template v-if="up.cut || at?.tin.shape === 'box'">
            <label
              >Cut into
              <span class="unit"
                ><TypedField
                  inputmode="numeric"
                  :shown="
                    size.cut?.by === 'count'
                      ? size.cut.n
                      : up.cut
                        ? up.cut.how === 'grid'
                          ? up.cut.grid.count
                          : up.cut.count
                        : ''
                  "
                  @typed="cutBy('count', $event)"
                />
                pieces</span
              ></label
            >
            <label v-if="up.cut?.how !== 'wedges'"
              >or {{ up.cut?.how === 'slices' ? 'slices' : 'squares' }} of
              <span class="unit"
                ><TypedField
                  inputmode="decimal"
                  :shown="size.cut?.by === 'side' ? size.cut.n : ''"
                  placeholder="5"
                  @typed="cutBy('side', $event)"
                />
                cm</span
              ></label
            >
          </template>
        </div>
        <fieldset v-if="up.batter && up.batter.parts.length > 1">
          <legend>Goes into the tin</legend>
          <label v-for="part in up.batter.parts" :key="part.component" class="check"
            ><input
              type="checkbox"
              :checked="!part.beside"
              @change="beside(part.component, !($event.target as HTMLInputElement).checked)"
            />
            {{ part.component || 'main part' }}
            <span class="soft"
              >{{ Math.round(part.grams * up.factor) }} g, {{ part.familyName }}</span
            ></label
          >
        </fieldset>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      </details>
      <details class="sheet part tool">
        <summary>
          <h2>This kitchen’s oven</h2>
          <span class="soft"
            >{{ house.kitchen.oven.fan ? 'fan' : 'still heat'
            }}{{ ovenIsOff(up.setting?.offset.degrees ?? 0) }}, tray
            {{ house.kitchen.tray.length }} × {{ house.kitchen.tray.breadth }} cm</span
          >
        </summary>
        <OvenSheet />
      </details>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 332px;
  gap: 14px 22px;
  align-items: start;
}
.part {
  grid-column: 1;
  padding: 16px 22px;
  min-width: 0;
}
.side {
  grid-column: 2;
  grid-row: 1 / span 12;
  display: grid;
  gap: 14px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.holds {
  font-size: 1.1rem;
}
.picture {
  display: grid;
  gap: 6px;
}
.figures summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: var(--ginger-ink);
  font-size: 0.95rem;
}
.figures dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  font-size: 0.93rem;
  margin: 0;
}
.figures dt {
  color: var(--soft);
}
.figures dd {
  margin: 0;
}
.tiny {
  font-size: 0.95rem;
  line-height: 1.35;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.tab {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--sheet);
  border-color: var(--ginger);
  font-weight: 600;
}
.misfit {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 10px 14px;
}
.plain {
  list-style: none;
  padding: 6px 0 0;
  margin: 0;
  display: grid;
  gap: 4px;
  font-size: 0.96rem;
}
.tool {
  padding: 8px 22px;
}
.tool summary {
  display: flex;
  gap: 4px 14px;
  align-items: baseline;
  flex-wrap: wrap;
  cursor: pointer;
  min-height: 44px;
}
.tool summary h2 {
  margin: 0;
}
.tool[open] {
  padding-bottom: 16px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 22px;
}
.fields label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.unit {
  display: flex;
  gap: 8px;
  align-items: center;
}
.fields .input {
  width: auto;
}
.fields .unit .input {
  width: 96px;
  text-align: right;
}
fieldset {
  border: 0;
  padding: 12px 0 0;
  margin: 0;
}
legend {
  font-weight: 650;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  color: var(--ginger-ink);
}
.wrong {
  color: var(--beet);
  padding-top: 8px;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    grid-column: 1;
    grid-row: auto;
  }
  .part {
    padding: 14px 16px;
  }
}
</style>
