<script setup lang="ts">
import { findDemonstration } from '~~/core'

interface ListedRun { id: string, title: string, demonstration: string, stagingVersion: number, document: { performedAt: string, outcome: string, note: string } }
useHead({ title: 'Logbook · Zealous Hush' })
const { data: runs, error, refresh } = await useFetch<ListedRun[]>('/api/runs', { lazy: true })
const outcomeOf = (run: ListedRun) => findDemonstration(run.demonstration)?.outcomes.find(o => o.id === run.document.outcome)
const outcomeName = (run: ListedRun) => outcomeOf(run)?.name ?? run.document.outcome
const wanted = (run: ListedRun) => findDemonstration(run.demonstration)?.wanted === run.document.outcome
const day = (iso: string) => new Date(iso).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' })
const clock = (iso: string) => new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
const tally = computed(() => {
  const list = runs.value ?? []
  return list.length ? `${list.length} runs; ${list.filter(wanted).length} ended as wanted.` : ''
})
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">
      Logbook
    </h1>
    <p class="soft mb-4">
      What happened, and why? <span class="figures">{{ tally }}</span>
    </p>
    <p v-if="error" class="fault" role="alert">
      The runs can't be read just now. <button class="plain-link" @click="refresh()">
        Try again
      </button>
    </p>
    <p v-else-if="runs && !runs.length" class="border-y rule py-6 text-center">
      No run is logged yet. Open a staging on the Bench and choose “Log a run” once it has been performed.
    </p>
    <ol v-else class="border-y rule divide-y divide-(--hairline)">
      <li v-for="run in runs" :key="run.id">
        <NuxtLink :to="`/logbook/${run.id}`" class="grid grid-cols-[2.2rem_1fr_auto] gap-x-3 py-3 px-1 hover:bg-(--gap-wash)">
          <OutcomeMark :look="outcomeOf(run)?.look ?? 'nothing'" class="row-span-2 !h-9 self-center justify-self-center" />
          <span class="display text-lg">{{ run.title }} <span class="font-normal" :class="wanted(run) ? '' : 'text-(--danger)'">{{ outcomeName(run) }}</span></span>
          <span class="soft text-sm text-right figures">{{ day(run.document.performedAt) }}, {{ clock(run.document.performedAt) }}</span>
          <span class="soft col-span-2">{{ run.document.note }}</span>
        </NuxtLink>
      </li>
    </ol>
  </div>
</template>
