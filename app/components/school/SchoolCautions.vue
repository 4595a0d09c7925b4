<script setup lang="ts">
/** What a school adds to the cautions of a demonstration, in its own words. */
const props = defineProps<{ demonstration: string }>()
const school = useSchoolStore()
const cautions = computed(() => school.cautionsFor(props.demonstration))
</script>

<template>
  <div v-if="cautions.length" class="border-l-4 border-(--danger) pl-2 my-2" data-testid="school-cautions">
    <b>{{ school.document.name ? $t('{school} adds:', { school: school.document.name }) : $t('Our school adds:') }}</b>
    <ul>
      <li v-for="caution in cautions" :key="caution">{{ caution }}</li>
    </ul>
  </div>
  <p v-else-if="school.failed" class="fault" role="alert">
    {{ $t('The school’s own cautions can’t be read just now.') }}
  </p>
</template>
