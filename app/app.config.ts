/**
 * How the interface's parts look: in this one place, so that a part looks like ours with no class at its use.
 *
 * A button is an outline on paper; `solid` is what one came for, `link` a word that acts. Colours are those of
 * `assets/main.css`.
 */
export default defineAppConfig({
  ui: {
    colors: { primary: 'violet', neutral: 'stone', error: 'red' },
    // Violet as it is written with: the primary one is for surfaces, too light for words.
    badge: { compoundVariants: [{ color: 'primary', variant: 'outline', class: 'text-(--gap) ring-(--gap)' }] },
    button: {
      slots: { base: 'rounded-md font-normal cursor-pointer disabled:cursor-default leading-normal align-baseline' },
      variants: { size: { md: { base: 'px-3 py-1 text-[length:inherit] gap-1.5' } } },
      compoundVariants: [
        {
          color: 'neutral',
          variant: 'outline',
          class:
            'bg-(--sheet) ring-(--hairline) hover:bg-(--sheet) hover:ring-(--gap) ' +
            'active:bg-(--gap-wash) disabled:bg-(--sheet) disabled:opacity-55',
        },
        {
          color: 'neutral',
          variant: 'solid',
          class:
            'bg-(--ink) text-(--paper) font-semibold hover:bg-(--ink) hover:opacity-90 active:bg-(--ink) ' +
            'disabled:bg-(--ink) disabled:opacity-45',
        },
        { color: 'neutral', variant: 'link', class: 'p-0 underline decoration-(--gap) underline-offset-3 text-left' },
      ],
      defaultVariants: { color: 'neutral', variant: 'outline', size: 'md' },
    },
    input: {
      slots: { root: 'w-full', base: 'rounded-md bg-(--field) aria-invalid:ring-2 aria-invalid:ring-(--danger)' },
      variants: { size: { md: { base: 'px-2 py-1 text-base md:text-base' } } },
      compoundVariants: [{ variant: 'outline', class: 'ring-(--field-line) focus-visible:ring-(--gap)' }],
      defaultVariants: { size: 'md', color: 'neutral', variant: 'outline' },
    },
    inputDate: {
      slots: { base: 'rounded-md bg-(--field)' },
      variants: {
        size: {
          md: {
            base: 'px-2 py-1 text-base md:text-base gap-0',
            // Two slim digits, such as of 11:11, would be too small a target.
            segment:
              'px-0.5 text-center not-data-[segment=literal]:min-w-6 ' +
              'data-[segment=day]:w-auto data-[segment=month]:w-auto data-[segment=year]:w-auto',
          },
        },
      },
      compoundVariants: [{ variant: 'outline', class: 'ring-(--field-line)' }],
      defaultVariants: { size: 'md', color: 'neutral', variant: 'outline' },
    },
    checkbox: { slots: { label: 'font-normal', wrapper: 'text-base' }, defaultVariants: { color: 'neutral' } },
    selectMenu: {
      slots: { base: 'rounded-md bg-(--field) cursor-pointer', content: 'max-h-80 min-w-56' },
      variants: { size: { md: { base: 'px-2 py-1 text-base md:text-base' } } },
      compoundVariants: [{ variant: 'outline', class: 'ring-(--field-line) hover:ring-(--gap)' }],
      defaultVariants: { size: 'md', color: 'neutral', variant: 'outline' },
    },
    formField: {
      slots: { label: 'font-normal' },
      // Said where the gap is: a slot's would be overruled by it.
      variants: { orientation: { vertical: { container: 'mt-0' } } },
    },
    radioGroup: {
      slots: { legend: 'font-bold text-sm', label: 'font-normal text-base' },
      defaultVariants: { color: 'neutral' },
    },
    textarea: {
      slots: { root: 'w-full', base: 'rounded-md bg-(--field)' },
      variants: { size: { md: { base: 'px-2 py-1 text-base md:text-base' } } },
      compoundVariants: [{ variant: 'outline', class: 'ring-(--field-line) focus-visible:ring-(--gap)' }],
      defaultVariants: { size: 'md', color: 'neutral', variant: 'outline' },
    },
  },
})
