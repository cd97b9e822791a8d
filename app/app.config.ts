export default defineAppConfig({
  ui: {
    colors: {
      primary: 'ginger',
      success: 'leaf',
      error: 'beet',
      neutral: 'porcelain',
      secondary: 'porcelain',
      info: 'porcelain',
      warning: 'ginger',
    },
    button: {
      slots: { base: 'font-semibold rounded-xl min-h-11 px-4 cursor-pointer' },
      defaultVariants: { size: 'lg' },
    },
    input: { slots: { base: 'rounded-xl min-h-11' }, defaultVariants: { size: 'lg' } },
    selectMenu: { slots: { base: 'rounded-xl min-h-11' }, defaultVariants: { size: 'xl' } },
    textarea: { slots: { base: 'rounded-2xl' } },
  },
})
