<script setup lang="ts">
import { taskWords } from "@apron/core/plan";
import { computed, ref } from "vue";
import { barsOf, movedStart, type Bar } from "./bars.ts";
import { showClock } from "../ui/dates.ts";
import { type TimedTask } from "./plan-words.ts";

/** The plan as bars: what keeps hands, oven, hob, grill and machine busy, and what stands by itself. A bar can be moved. */
const props = defineProps<{
  tasks: readonly TimedTask[];
  tableAt: Date;
  letterOf: (dish: string) => string;
  movable?: boolean;
  /** It is still the plan of what was asked before: what is dragged in it would be fixed for another table. */
  isOld?: boolean;
}>();
const emit = defineEmits<{ moved: [task: string, at: Date] }>();
const picture = computed(() => barsOf(props.tasks, props.tableAt));
const dragged = ref<{ id: string; from: number; share: number }>();

const share = (value: number): string => `${(value * 100).toFixed(3)}%`;
const shift = ({ task }: Bar): number => (dragged.value?.id === task.id ? dragged.value.share : 0);
const said = ({ task }: Bar): string =>
  `${showClock(task.start)} to ${showClock(task.end)}, ${task.dishName}: ${taskWords(task)}`;
const style = (bar: Bar): Record<string, string> => ({
  left: share(bar.left + shift(bar)),
  width: share(bar.width),
  top: `${bar.track * 1.9}rem`,
});
function grab(bar: Bar, event: PointerEvent): void {
  if (event.button !== 0 || !props.movable || props.isOld) return;
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  dragged.value = { id: bar.task.id, from: event.clientX, share: 0 };
}
function drag(event: PointerEvent): void {
  const width = (event.currentTarget as HTMLElement).parentElement?.clientWidth ?? 0;
  if (!dragged.value || width === 0) return;
  dragged.value = { ...dragged.value, share: (event.clientX - dragged.value.from) / width };
}
/** A few pixels are no move: a tap that trembled. */
const leastMove = 0.008;
function drop(bar: Bar): void {
  const moved = dragged.value;
  dragged.value = undefined;
  if (!moved || Math.abs(moved.share) < leastMove) return;
  emit("moved", bar.task.id, movedStart(bar.task.start, moved.share, picture.value.minutes));
}
function nudge(bar: Bar, minutes: number): void {
  if (!props.movable) return;
  emit(
    "moved",
    bar.task.id,
    movedStart(bar.task.start, minutes / picture.value.minutes, picture.value.minutes),
  );
}
</script>

<template>
  <div class="bars" role="group" aria-label="The plan as bars; the list beside it says the same">
    <div class="axis" aria-hidden="true">
      <span
        v-for="tick in picture.ticks"
        :key="tick.left"
        :class="{ end: tick.left > 0.95 }"
        :style="{ left: share(tick.left) }"
      >
        {{ showClock(tick.at) }}
      </span>
    </div>
    <div v-for="lane in picture.lanes" :key="lane.lane" class="lane">
      <b class="small">{{ lane.label }}</b>
      <div class="track" :style="{ height: `${lane.tracks * 1.9}rem` }">
        <i v-for="tick in picture.ticks" :key="tick.left" class="grid" :style="{ left: share(tick.left) }" />
        <button
          v-for="bar in lane.bars"
          :key="bar.task.id"
          type="button"
          class="bar"
          :class="[`dish-${letterOf(bar.task.dish)}`, bar.task.kind, { fixed: bar.task.isFixed }]"
          :style="style(bar)"
          :title="said(bar)"
          :aria-label="said(bar)"
          @pointerdown="grab(bar, $event)"
          @pointermove="drag"
          @pointerup="drop(bar)"
          @pointercancel="dragged = undefined"
          @keydown.left.prevent="nudge(bar, -5)"
          @keydown.right.prevent="nudge(bar, 5)"
        >
          <span>{{ letterOf(bar.task.dish) }}</span>
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.bars {
  display: grid;
  gap: 0.45rem;
}

.lane {
  display: grid;
  grid-template-columns: 5rem minmax(0, 1fr);
  gap: 0.5rem;
}

.axis {
  position: relative;
  height: 1.1rem;
  margin-left: 5.5rem;
  font-size: 0.78rem;
  font-variant-numeric: tabular-nums;
  color: var(--soft-ink);
}

.axis span {
  position: absolute;
  translate: -50% 0;
}

.axis .end {
  translate: -100% 0;
}

.track {
  position: relative;
  background: var(--sunk);
  border-radius: 6px;
}

.grid {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--line);
}

.bar {
  position: absolute;
  display: flex;
  flex-wrap: wrap;
  align-content: start;
  align-items: center;
  justify-content: center;
  min-width: 6px;
  height: 1.7rem;
  margin-top: 0.1rem;
  padding: 0 0.15rem;
  overflow: hidden;
  font-size: 0.75rem;
  font-weight: 700;
  color: var(--dish-ink);
  cursor: grab;
  background: var(--dish);
  border: 1px solid var(--dish-edge);
  border-radius: 5px;
  touch-action: pan-y;
}

/* Too narrow for its letter, which then stands below what is seen: the tone and the list say which dish it is. */
.bar::before {
  height: 1.6rem;
  content: "";
}

.bar span {
  min-width: 8px;
}

.bar.by-itself,
.bar.warm-up {
  background: repeating-linear-gradient(
    -45deg,
    var(--dish),
    var(--dish) 5px,
    transparent 5px,
    transparent 9px
  );
  color: var(--ink);
}

.bar.fixed {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}

@media (max-width: 620px) {
  .lane {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.1rem;
  }

  .axis {
    margin-left: 0;
  }
}
</style>
