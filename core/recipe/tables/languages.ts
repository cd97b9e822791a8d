/** Small words by which a language is told; none is a word of English. [M] */
export const languages: readonly { readonly name: string; readonly read: boolean; readonly words: readonly string[] }[] = [
  { name: 'German', read: true, words: 'und der die das den mit für zum zur auf bei eine einen oder nicht backen ofen rühren schlagen geben zutaten zubereitung minuten teig'.split(' ') },
  { name: 'French', read: true, words: 'et les des une dans avec pour sur aux puis jusqu four cuire mélanger ajouter préparation ingrédients minutes pâte beurre œufs'.split(' ') },
  { name: 'Italian', read: false, words: 'il gli della delle con per una uova burro farina zucchero latte forno cuocere mescolare aggiungere ingredienti minuti lievito impasto'.split(' ') },
  { name: 'Spanish', read: false, words: 'los las una con para huevos mantequilla harina azúcar leche horno hornear mezclar añadir ingredientes minutos masa hasta que cucharada'.split(' ') },
  { name: 'Portuguese', read: false, words: 'os uma com para ovos manteiga farinha açúcar leite forno assar misturar adicione ingredientes minutos massa até colher'.split(' ') },
  { name: 'Dutch', read: false, words: 'het een en met voor eieren boter bloem suiker melk bakken mengen toevoegen ingrediënten minuten deeg tot van eetlepel'.split(' ') },
  { name: 'Swedish', read: false, words: 'och ett med för ägg smör mjöl socker mjölk ugn grädda blanda tillsätt ingredienser minuter smet tsk msk dl'.split(' ') },
  { name: 'Danish or Norwegian', read: false, words: 'og et med til æg smør mel sukker mælk melk ovn bag bland tilsæt ingredienser minutter dej spsk'.split(' ') },
  { name: 'Polish', read: false, words: 'i oraz jajka masło mąka mąki cukier cukru mleko mleka piec wymieszać dodać składniki minut ciasto łyżka szklanka'.split(' ') },
  { name: 'Czech', read: false, words: 'vejce máslo mouka mouky cukr cukru mléko mléka péct smíchat přidat suroviny minut těsto lžíce hrnek'.split(' ') },
  { name: 'Turkish', read: false, words: 've bir yumurta tereyağı un şeker süt fırın pişirin karıştırın ekleyin malzemeler dakika hamur bardağı kaşığı'.split(' ') },
]
/** So many of its words in a text, and more than of English, make it one. */
export const enoughWords = 5
export const englishWords: readonly string[] = 'the and with for into until then from over bake oven stir mix add whisk beat flour sugar butter eggs milk minutes a of to in'.split(' ')
