<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { EveningData, KeepEvening } from '@/shared/api/generated/http'
import ClassSelect from '@/shared/ui/ClassSelect.vue'
import PeopleList from './PeopleList.vue'
import type { EveningChoices, useEveningForm } from './useEveningForm'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{
  form: ReturnType<typeof useEveningForm>
  draft: KeepEvening
  kept: EveningData | null
  choices: EveningChoices
}>()
const { classroom, numberOf, change, chooseClass, countStations, pause, localStart } = props.form
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-3 overflow-auto border-r-2 border-ink p-4"
    :aria-label="say('evening.the-evenings-settings')"
  >
    <label
      >{{ say('evening.exam') }}
      <select
        class="field"
        :value="draft.task"
        :disabled="kept?.assignment != null"
        @change="change({ task: numberOf($event) })"
      >
        <option v-for="exam in choices.exams" :key="exam.id" :value="exam.id">{{ exam.task.title }}</option>
      </select></label
    >
    <label
      >{{ say('shared.class') }}
      <ClassSelect
        class="w-full"
        :model-value="draft.classroom"
        :classes="choices.classrooms"
        :disabled="kept !== null"
        @update:model-value="chooseClass"
    /></label>
    <label
      >{{ say('shared.name') }}
      <input
        class="field"
        maxlength="200"
        :value="draft.title"
        @change="change({ title: typedIn($event) || draft!.title })"
    /></label>
    <label
      >{{ say('evening.starts-at') }}
      <input
        type="datetime-local"
        class="field"
        :value="localStart"
        @change="
          change({
            startsAt: typedIn($event) ? new Date(typedIn($event)).toISOString() : null,
          })
        "
    /></label>
    <div class="grid grid-cols-2 gap-3">
      <label
        >{{ say('evening.stations') }}
        <input
          type="number"
          min="1"
          max="60"
          class="field"
          data-test="stations"
          :value="draft.stations.length"
          @change="countStations(numberOf($event))"
      /></label>
      <label
        >{{ say('evening.minutes-each') }}
        <input
          type="number"
          min="1"
          max="480"
          class="field"
          data-test="minutes"
          :value="draft.minutes"
          @change="change({ minutes: Math.max(1, numberOf($event)) })"
      /></label>
      <label
        >{{ say('evening.changeover-min') }}
        <input
          type="number"
          min="0"
          max="120"
          class="field"
          :value="draft.changeover"
          @change="change({ changeover: numberOf($event) })"
      /></label>
      <label
        >{{ say('evening.variants') }}
        <input
          type="number"
          min="1"
          max="200"
          class="field"
          :value="draft.variants"
          @change="change({ variants: Math.max(1, numberOf($event)) })"
      /></label>
    </div>
    <fieldset class="grid grid-cols-2 gap-3">
      <legend class="col-span-2">{{ say('evening.break-minutes-from-the-start') }}</legend>
      <label
        >{{ say('evening.from') }}
        <input
          type="number"
          min="0"
          max="1440"
          class="field"
          :value="pause?.from ?? ''"
          @change="
            change({
              breaks:
                typedIn($event) === ''
                  ? []
                  : [
                      {
                        from: numberOf($event),
                        to: Math.max(numberOf($event) + 1, pause?.to ?? numberOf($event) + 15),
                      },
                    ],
            })
          "
      /></label>
      <label
        >{{ say('evening.to') }}
        <input
          type="number"
          min="0"
          max="1440"
          class="field"
          :disabled="!pause"
          :value="pause?.to ?? ''"
          @change="pause && change({ breaks: [{ from: pause.from, to: Math.max(pause.from + 1, numberOf($event)) }] })"
      /></label>
    </fieldset>
    <PeopleList v-if="classroom" :classroom="classroom" :draft="draft" @change="change" />
  </section>
</template>
