<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Classroom, KeepEvening } from '@/shared/api/generated/http'
import { isTicked, typedIn } from '@/shared/ui/typed'

/** Who sits: extra time, from which minute, and whether twice. */
const props = defineProps<{ classroom: Classroom; draft: KeepEvening }>()
const emit = defineEmits<{ change: [what: Pick<KeepEvening, 'people' | 'retests' | 'fixed'>] }>()
const sits = computed(() => new Map(props.draft.people.map((person) => [person.trainee, person])))

function tell(people: KeepEvening['people'], retests = props.draft.retests) {
  const ids = new Set(people.map(({ trainee }) => trainee))
  emit('change', {
    people,
    retests: retests.filter((id) => ids.has(id)),
    fixed: props.draft.fixed.filter(({ person }) => ids.has(Number(person))),
  })
}
function toggle(trainee: Classroom['trainees'][number], isIn: boolean) {
  tell(
    isIn
      ? [...props.draft.people, { trainee: trainee.id, extraPercent: trainee.extraPercent, notBefore: 0 }]
      : props.draft.people.filter((person) => person.trainee !== trainee.id),
  )
}
function change(trainee: number, what: Partial<KeepEvening['people'][number]>) {
  tell(props.draft.people.map((person) => (person.trainee === trainee ? { ...person, ...what } : person)))
}
function again(trainee: number, isTwice: boolean) {
  tell(
    props.draft.people,
    isTwice ? [...props.draft.retests, trainee] : props.draft.retests.filter((id) => id !== trainee),
  )
}
const numberOf = (event: Event, most: number) => Math.max(0, Math.min(most, Math.round(Number(typedIn(event))) || 0))
</script>

<template>
  <table class="w-full border-collapse text-left text-sm">
    <caption class="sr-only">
      {{
        say('evening.who-takes-the-exam')
      }}
    </caption>
    <thead>
      <tr class="border-b-2 border-ink align-bottom">
        <th scope="col" class="py-1">{{ say('evening.who') }}</th>
        <th scope="col" class="w-20">{{ say('evening.extra') }}</th>
        <th scope="col" class="w-20">{{ say('evening.from-min') }}</th>
        <th scope="col" class="w-12">{{ say('evening.retest') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="trainee in classroom.trainees"
        :key="trainee.id"
        class="border-b border-line"
        :data-person="trainee.id"
      >
        <th scope="row" class="font-normal">
          <label class="flex min-h-11 items-center gap-2"
            ><input
              type="checkbox"
              class="h-5 w-5 accent-violet"
              :checked="sits.has(trainee.id)"
              @change="toggle(trainee, isTicked($event))"
            />{{ trainee.name }}</label
          >
        </th>
        <td>
          <input
            v-if="sits.has(trainee.id)"
            type="number"
            min="0"
            max="100"
            class="field min-h-9 w-16 px-1"
            :aria-label="say('evening.extra-time-of-name-percent', { name: trainee.name })"
            :value="sits.get(trainee.id)!.extraPercent"
            @change="change(trainee.id, { extraPercent: numberOf($event, 100) })"
          />
        </td>
        <td>
          <input
            v-if="sits.has(trainee.id)"
            type="number"
            min="0"
            max="1440"
            class="field min-h-9 w-16 px-1"
            :aria-label="say('evening.name-from-minute', { name: trainee.name })"
            :value="sits.get(trainee.id)!.notBefore"
            @change="change(trainee.id, { notBefore: numberOf($event, 1440) })"
          />
        </td>
        <td>
          <input
            v-if="sits.has(trainee.id)"
            type="checkbox"
            class="h-5 w-5 accent-violet"
            :aria-label="say('evening.name-takes-a-retest', { name: trainee.name })"
            :checked="draft.retests.includes(trainee.id)"
            @change="again(trainee.id, isTicked($event))"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>
