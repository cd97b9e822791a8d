/** What a plan changed in a part, so far as the way of working depends on it. */
export type MethodFact = 'egg-gone' | 'foam-gone' | 'foam-new' | 'fat-soft' | 'gluten-gone' | 'gluten-stays' | 'starch-set' | 'agar-set' | 'soured' | 'soda' | 'milk-gone' | 'gel-boiled'
