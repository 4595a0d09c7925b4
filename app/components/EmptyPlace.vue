<script setup lang="ts">
/** A place with nothing in it yet: what it is for, and what to do next. */
</script>

<template>
  <div class="border-y rule py-8 grid justify-items-center gap-3 text-center">
    <svg viewBox="0 0 160 72" class="h-24 w-auto" aria-hidden="true">
      <path d="M4 66h152" stroke="var(--ink)" stroke-width="1.5" />
      <path d="M16 66v-5h34v5" fill="var(--metal)" stroke="var(--vessel)" stroke-width="1.5" />
      <path
        d="M22 61V19q0-3 3-3h16q3 0 3 3v42z"
        fill="var(--field)"
        stroke="var(--vessel)"
        stroke-width="1.5"
        stroke-dasharray="4 3"
      />
      <path d="M29 11q-3-4 0-8M37 11q-3-4 0-8" fill="none" stroke="var(--vapour)" stroke-width="1.5" />
      <path d="M96 34v32h52V34" fill="none" stroke="var(--vessel)" stroke-width="2" />
      <path d="M97 44h50v21H97z" fill="var(--water)" opacity="0.45" />
      <path d="M58 40q16-20 32-6m-6-3l6 3-3 6" fill="none" stroke="var(--gap)" stroke-width="2" />
    </svg>
    <p class="max-w-xl"><slot /></p>
    <p class="flex flex-wrap gap-3 justify-center"><slot name="next" /></p>
  </div>
</template>
