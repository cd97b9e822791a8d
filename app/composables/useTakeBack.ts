/** Says what was done, with a way to take it back beside it. */
export function useTakeBack() {
  const toast = useToast()
  return (title: string, label: string, back: () => unknown) => {
    toast.add({
      title,
      color: 'neutral',
      actions: [
        {
          label,
          color: 'primary',
          variant: 'outline',
          onClick: () => {
            void back()
          },
        },
      ],
    })
  }
}
