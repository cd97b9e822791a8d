import type { Ingredient } from '#core/pantry'
import type { IngredientForm } from '#core/share'

const blank = (name: string): IngredientForm => ({
  id: `own-${crypto.randomUUID()}`,
  name,
  names: [],
  kind: 'ready-made',
  water: 0,
  fat: 0,
  solid: 0,
  protein: 0,
  sugar: 0,
  starch: 0,
  fibre: 0,
  density: null,
  piece: null,
  holds: [],
  mayHold: [],
  traces: [],
  packetRead: false,
})

/** The ingredient whose sheet is open: opened, begun, kept, or taken back to the table's own. */
export function useIngredientEditing() {
  const house = useHouseStore()
  const restock = useRestock()
  const editing = shallowRef<{ form: IngredientForm; fresh: boolean } | null>(null)
  useDraft('pantry', reactive({ editing }))
  function leave() {
    if (editing.value) forgetDraft(`ingredient/${editing.value.form.id}`)
    editing.value = null
  }
  async function open(id: string) {
    const form = await useCore().formOf(id)
    if (form) editing.value = { form, fresh: false }
  }
  function fresh(name = '') {
    editing.value = { form: blank(name), fresh: true }
  }
  const othersThan = (id: string) => house.stock.ingredients.filter(item => item.id !== id)
  async function keep(ingredient: Ingredient) {
    leave()
    await restock(
      { ...house.stock, ingredients: [...othersThan(ingredient.id), ingredient] },
      `“${ingredient.name}” is in the pantry now.`,
    )
  }
  async function revert() {
    const form = editing.value?.form
    leave()
    if (form)
      await restock(
        { ...house.stock, ingredients: othersThan(form.id) },
        `“${form.name}” of this house is taken out.`,
      )
  }
  return { editing, open, fresh, keep, revert, leave }
}
