<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { BoardLook, Enclosure, MarkedAs, Step } from '@/shared/api/generated/http'
import { type BenchState, jointAt, type Places } from '@/shared/bench/bench'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ board: BoardLook; box: Enclosure; bench: BenchState; places: Places }>()
const emit = defineEmits<{ make: [Step] }>()

interface Row {
  id: string
  cable: string
  flag: string
  far: string
  lands: string
  markable: boolean
}

const rows = computed<Row[]>(() => [
  ...props.box.ends.map((end) => ({
    id: end.id,
    cable: end.cable,
    flag: end.flag,
    far: labelOf(end.far),
    lands: landsOn(end.id),
    markable: true,
  })),
  ...props.box.devices.flatMap((device) =>
    device.landings
      .filter(({ id, shape }) => shape === 'lead' || takesPigtail(id))
      .map(({ id, name }) => pigtailRow(id, device.id, name)),
  ),
  ...(props.box.earth && takesPigtail(props.box.earth)
    ? [pigtailRow(props.box.earth, '', props.board.words.boxEarth)]
    : []),
])
const connectors = computed(() =>
  props.bench.joints.filter((joint) => joint.box === props.box.id && joint.by !== 'terminal'),
)
const landings = computed(() => [
  ...props.box.devices
    .flatMap((device) => device.landings)
    .filter((landing) => landing.shape !== 'lead')
    .map((landing) => ({ id: landing.id, name: landing.name })),
  ...(props.box.earth ? [{ id: props.box.earth, name: props.board.words.boxEarth }] : []),
])

const labelOf = (id: string) => props.board.enclosures.find((box) => box.id === id)?.label ?? id

/** A terminal with nothing under its screw, or with a pigtail already: it can be taken into a connector. */
const takesPigtail = (id: string) => jointAt(props.bench, id)?.by !== 'terminal'

function pigtailRow(id: string, device: string, name: string): Row {
  return { id, cable: device, flag: name, far: '', lands: landsOn(id), markable: false }
}

function landsOn(id: string): string {
  if (props.bench.caps.includes(id)) return 'cap'
  const joint = jointAt(props.bench, id)
  if (!joint) return 'loose'
  if (joint.by === 'terminal') return `on:${joint.points.find((point) => props.places.get(point)?.fixed) ?? ''}`
  return `in:${joint.points[0] ?? ''}`
}

function shortName(id: string): string {
  const place = props.places.get(id)
  return place?.end ? `${place.end.cable} ${place.end.flag}` : (place?.landing?.name ?? props.board.words.boxEarth)
}

function connectorName(points: readonly string[], by: string): string {
  const label = props.board.tray.find((item) => item.by === by)?.label.replace(/ \d$/, '') ?? by
  return say('bench.label-with-what', { label, what: points.map(shortName).join(', ') })
}

function others(id: string): Row[] {
  return rows.value.filter((row) => row.id !== id && (row.lands === 'loose' || row.lands === 'cap'))
}

/** Chosen in the control → the step that makes it so. */
function land(id: string, choice: string) {
  const [how, ...rest] = choice.split(':')
  const to = rest.join(':')
  if (how === 'loose') emit('make', { do: 'take', points: [id] })
  else if (how === 'cap') emit('make', { do: 'cap', points: [id] })
  else if (how === 'with')
    emit('make', { do: 'gather', points: [id, to], by: props.board.tray[0]!.by, ports: props.board.tray[0]!.ports })
  else emit('make', { do: 'land', points: [id], on: to })
}

function mark(id: string, as: string) {
  emit('make', { do: 'mark', points: [id], as: as === '' ? null : (as as MarkedAs) })
}
</script>

<template>
  <div class="h-full overflow-auto">
    <table class="w-full border-collapse text-left">
      <caption class="sr-only">
        {{
          say('bench.wiring-schedule-of-label', { label: box.label })
        }}
      </caption>
      <thead class="sticky top-0 bg-paper">
        <tr class="border-b-2 border-ink">
          <th class="px-2 py-1" scope="col">{{ say('bench.cable') }}</th>
          <th class="px-2 py-1" scope="col">{{ say('bench.end') }}</th>
          <th class="px-2 py-1" scope="col">{{ say('bench.comes-from') }}</th>
          <th class="px-2 py-1" scope="col">{{ say('bench.goes-to') }}</th>
          <th class="px-2 py-1" scope="col">{{ board.words.mark }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id" class="border-b border-line">
          <td class="code px-2">{{ row.cable }}</td>
          <th class="code px-2" scope="row">{{ row.flag }}</th>
          <td class="px-2">{{ row.far }}</td>
          <td class="px-2 py-0.5">
            <select
              class="field"
              :aria-label="say('bench.cable-flag-goes-to', { cable: row.cable, flag: row.flag })"
              :value="row.lands"
              @change="land(row.id, typedIn($event))"
            >
              <option value="loose">{{ row.markable ? board.words.loose : say('bench.nothing') }}</option>
              <option v-if="row.markable || places.get(row.id)?.landing?.shape === 'lead'" value="cap">
                {{ board.words.cap }}
              </option>
              <template v-if="!places.get(row.id)?.fixed"
                ><option v-for="landing in landings" :key="landing.id" :value="`on:${landing.id}`">
                  {{ landing.name }}
                </option></template
              >
              <option v-for="joint in connectors" :key="joint.points[0]" :value="`in:${joint.points[0]}`">
                {{ connectorName(joint.points, joint.by) }}
              </option>
              <option v-for="other in others(row.id)" :key="other.id" :value="`with:${other.id}`">
                {{
                  say('bench.new-label-with-shortname', { label: board.tray[0]?.label, shortName: shortName(other.id) })
                }}
              </option>
            </select>
          </td>
          <td class="px-2 py-0.5">
            <select
              v-if="row.markable"
              class="field"
              :aria-label="`${row.cable} ${row.flag} ${board.words.mark}`"
              :value="bench.marks[row.id] ?? ''"
              @change="mark(row.id, typedIn($event))"
            >
              <option value="">{{ say('shared.none') }}</option>
              <option v-for="item in board.marks" :key="item.as" :value="item.as">{{ item.label }}</option>
            </select>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
