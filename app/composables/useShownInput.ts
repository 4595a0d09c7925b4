import { formatQuantity, type Input, type QuantityDocument } from '~~/core'

interface Shown {
  input: Input
  /** SI, with defaults filled in */ value: number | string
  /** as it stands in the document, if it does */ document?: QuantityDocument | string
}

/** An input as a reader sees it: its unit, and its value in it. */
export function useShownInput(props: Readonly<Shown>) {
  const units = useUnitsStore()
  const quantity = computed(() => (props.input.kind === 'quantity' ? props.input : undefined))
  const typedUnit = computed(() => (typeof props.document === 'object' ? props.document.unit : undefined))
  const unit = computed(() =>
    quantity.value
      ? units.shown(quantity.value.units, typedUnit.value, Number(props.value), quantity.value.quantity)
      : '',
  )
  /** "15 mL" in the unit shown, with the marks of the reader's language, as it can be typed again. */
  const inUnit = (si: number, digits = 3) =>
    formatQuantity(si, unit.value, quantity.value!.quantity, digits, { locale: units.locale })
  const shown = computed(() => {
    if (props.input.kind === 'choice')
      return units.told(props.input.choices.find(c => c.id === props.value)?.name ?? String(props.value))
    return inUnit(props.value as number)
  })
  return { quantity, unit, inUnit, shown }
}
