<script setup lang="ts">
/** The room's conditions, to be changed; made when it is opened. */
import { refusalOf } from '~/api/sending'
import { formErrors } from '~/components/form-errors'
import { StagingFaults, roomAtAGlance, type Fault, type RoomDocument, type StoredRoom } from '~~/core'

const room = useRoomStore()
const units = useUnitsStore()
const school = useSchoolStore()
void school.load()
const open = defineModel<boolean>('open', { required: true })
const draft = ref<RoomDocument>({})
const by = ref<'report' | 'barometer'>('report')
const faults = ref<Fault[]>([])
const problems = reactive<Record<string, string>>({})
const failure = ref('')
const saving = ref(false)

draft.value = JSON.parse(JSON.stringify(room.document))
by.value = draft.value.stationPressure ? 'barometer' : 'report'
/** What is changed here was made from this one. */
let base = room.version

const chosen = computed<RoomDocument>(() => {
  const { altitude, seaLevelPressure, stationPressure, airTemperature, relativeHumidity } = draft.value
  return {
    ...(by.value === 'report' ? { altitude, seaLevelPressure } : { altitude, stationPressure }),
    airTemperature,
    relativeHumidity,
  }
})
const outcome = computed(() => {
  try {
    const { stationPressure, boilingPoint } = roomAtAGlance(chosen.value)
    return { faults: [], pressure: stationPressure, boiling: boilingPoint }
  } catch (error) {
    if (error instanceof StagingFaults) return { faults: error.faults }
    throw error
  }
})
const faultOf = (input: string) => {
  const found = [...outcome.value.faults, ...faults.value].find(f => f.input === input)
  return found && units.told(found.message)
}

function takeUsual() {
  draft.value = JSON.parse(JSON.stringify(school.document.room))
  by.value = draft.value.stationPressure ? 'barometer' : 'report'
}
const wrong = () => formErrors(problems, outcome.value.faults, units.told)
async function save() {
  saving.value = true
  failure.value = ''
  try {
    await room.save(JSON.parse(JSON.stringify(chosen.value)), base)
    open.value = false
  } catch (error) {
    const refusal = refusalOf(error)
    faults.value = refusal.faults
    if (refusal.status === 409) {
      room.take(refusal.current as StoredRoom)
      base = room.version
      failure.value = 'The room was changed in another window. Save again to put yours on top.'
    } else if (refusal.faults.length === 0) failure.value = refusal.message
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <UModal
    v-model:open="open"
    :title="$t('The room')"
    :description="$t('Every number hangs on these. They hold for all stagings that do not state their own.')"
  >
    <template #body>
      <CheckedForm :state="draft" :check="wrong" class="grid gap-4" @submit="save">
        <p v-if="school.document.room">
          <UButton variant="link" @click="takeUsual">{{ $t('As it usually is here') }}</UButton>
        </p>
        <URadioGroup
          v-model="by"
          :legend="$t('Pressure from')"
          :items="[
            { value: 'report', label: $t('a weather report (reduced to sea level) and the height here') },
            { value: 'barometer', label: $t('a barometer in the room') },
          ]"
        />
        <div class="grid sm:grid-cols-2 gap-4">
          <QuantityField
            v-if="by === 'report'"
            v-model="draft.altitude"
            :label="$t('Height above sea level')"
            kind="length"
            :unit="units.shown(['m', 'ft'])"
            :fault="faultOf('altitude')"
            @problem="problems.altitude = $event"
          />
          <QuantityField
            v-if="by === 'report'"
            v-model="draft.seaLevelPressure"
            :label="$t('Reported pressure')"
            kind="pressure"
            :unit="units.shown(['hPa', 'inHg'])"
            :hint="$t('left empty: standard')"
            :fault="faultOf('seaLevelPressure')"
            @problem="problems.sea = $event"
          />
          <QuantityField
            v-if="by === 'barometer'"
            v-model="draft.stationPressure"
            :label="$t('Station pressure')"
            kind="pressure"
            :unit="units.shown(['hPa', 'inHg'])"
            :fault="faultOf('stationPressure')"
            @problem="problems.station = $event"
          />
          <QuantityField
            v-model="draft.airTemperature"
            :label="$t('Air temperature')"
            kind="temperature"
            :unit="units.shown(['degC', 'degF'])"
            :fault="faultOf('airTemperature')"
            @problem="problems.air = $event"
          />
          <QuantityField
            v-model="draft.relativeHumidity"
            :label="$t('Relative humidity')"
            kind="fraction"
            unit="%"
            :fault="faultOf('relativeHumidity')"
            @problem="problems.humidity = $event"
          />
        </div>
        <p v-if="outcome.pressure !== undefined" class="figures" aria-live="polite">
          {{
            $t('Station pressure {pressure}; water boils at {boils}.', {
              pressure: units.format(outcome.pressure, ['hPa', 'inHg'], 'pressure', 4),
              boils: units.format(outcome.boiling!, ['degC', 'degF'], 'temperature', 4),
            })
          }}
        </p>
        <p v-if="failure" class="fault" role="alert">
          {{ failure }}
        </p>
        <div class="flex gap-2 justify-end">
          <UButton @click="open = false">
            {{ $t('Cancel') }}
          </UButton>
          <UButton variant="solid" type="submit" :disabled="saving || outcome.faults.length > 0">
            {{ $t('Save') }}
          </UButton>
        </div>
      </CheckedForm>
    </template>
  </UModal>
</template>
